using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace AmpleTide.Store.Migrations
{
    /// <inheritdoc />
    public partial class Versions : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "Archived",
                table: "classes",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<long>(
                name: "DeletedAt",
                table: "classes",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Tags",
                table: "classes",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            // Classes that were saved before have their tags in the document.
            migrationBuilder.Sql("UPDATE classes SET Tags = COALESCE((SELECT group_concat(value, char(10)) FROM json_each(Document, '$.tags')), '')");

            migrationBuilder.CreateTable(
                name: "versions",
                columns: table => new
                {
                    ClassId = table.Column<string>(type: "TEXT", nullable: false),
                    Number = table.Column<int>(type: "INTEGER", nullable: false),
                    Document = table.Column<string>(type: "TEXT", nullable: false),
                    SavedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    TotalMs = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_versions", x => new { x.ClassId, x.Number });
                    table.ForeignKey(
                        name: "FK_versions_classes_ClassId",
                        column: x => x.ClassId,
                        principalTable: "classes",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "versions");

            migrationBuilder.DropColumn(
                name: "Archived",
                table: "classes");

            migrationBuilder.DropColumn(
                name: "DeletedAt",
                table: "classes");

            migrationBuilder.DropColumn(
                name: "Tags",
                table: "classes");
        }
    }
}

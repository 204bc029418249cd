using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace AmpleTide.Store.Migrations
{
    /// <inheritdoc />
    public partial class Classes : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "classes",
                columns: table => new
                {
                    Id = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false),
                    Revision = table.Column<int>(type: "INTEGER", nullable: false),
                    Document = table.Column<string>(type: "TEXT", nullable: false),
                    SavedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    Minutes = table.Column<double>(type: "REAL", nullable: false),
                    TotalMs = table.Column<int>(type: "INTEGER", nullable: false),
                    Areas = table.Column<string>(type: "TEXT", nullable: false),
                    About = table.Column<string>(type: "TEXT", nullable: false),
                    Tide = table.Column<string>(type: "TEXT", nullable: false),
                    Serious = table.Column<int>(type: "INTEGER", nullable: false),
                    Notable = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_classes", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_classes_SavedAt_Id",
                table: "classes",
                columns: new[] { "SavedAt", "Id" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "classes");
        }
    }
}

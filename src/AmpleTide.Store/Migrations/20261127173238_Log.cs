using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace AmpleTide.Store.Migrations
{
    /// <inheritdoc />
    public partial class Log : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "log",
                columns: table => new
                {
                    Id = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false),
                    ClassId = table.Column<string>(type: "TEXT", nullable: true),
                    TaughtAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Moves = table.Column<string>(type: "TEXT", nullable: false),
                    Document = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_log", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_log_ClassId_TaughtAt",
                table: "log",
                columns: new[] { "ClassId", "TaughtAt" });

            migrationBuilder.CreateIndex(
                name: "IX_log_TaughtAt",
                table: "log",
                column: "TaughtAt");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "log");
        }
    }
}

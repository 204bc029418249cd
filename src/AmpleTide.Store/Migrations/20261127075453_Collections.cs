using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace AmpleTide.Store.Migrations
{
    /// <inheritdoc />
    public partial class Collections : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "FiguredWith",
                table: "classes",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            // Lists were kept as text with commas or line breaks between; now they are JSON, so that what they hold may have both in it.
            migrationBuilder.Sql("""
                UPDATE classes SET
                    Areas = CASE Areas WHEN '' THEN '[]' ELSE '["' || replace(Areas, ',', '","') || '"]' END,
                    Tags = CASE Tags WHEN '' THEN '[]' ELSE '["' || replace(replace(replace(replace(replace(Tags, '\', '\\'), '"', '\"'), char(9), ' '), char(13), ' '), char(10), '","') || '"]' END,
                    Tide = '[' || Tide || ']'
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "FiguredWith",
                table: "classes");
        }
    }
}

using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JauntyCompass.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class TeachersLanguage : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "language",
                table: "teachers",
                type: "character varying(35)",
                maxLength: 35,
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "language",
                table: "teachers");
        }
    }
}

using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JauntyCompass.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class Adaptive : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "adaptive_limit",
                table: "assignments",
                type: "integer",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "drafts",
                columns: table => new
                {
                    assignment_id = table.Column<Guid>(type: "uuid", nullable: false),
                    student_id = table.Column<Guid>(type: "uuid", nullable: false),
                    item_index = table.Column<int>(type: "integer", nullable: false),
                    content = table.Column<string>(type: "json", nullable: false),
                    saved_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_drafts", x => new { x.assignment_id, x.student_id, x.item_index });
                    table.ForeignKey(
                        name: "fk_drafts_assignments_assignment_id",
                        column: x => x.assignment_id,
                        principalTable: "assignments",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "fk_drafts_students_student_id",
                        column: x => x.student_id,
                        principalTable: "students",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_drafts_student_id",
                table: "drafts",
                column: "student_id");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "drafts");

            migrationBuilder.DropColumn(
                name: "adaptive_limit",
                table: "assignments");
        }
    }
}

using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JauntyCompass.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class Exercises : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "forms",
                table: "sets",
                type: "json",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "weights",
                table: "assignments",
                type: "json",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "reflections",
                columns: table => new
                {
                    assignment_id = table.Column<Guid>(type: "uuid", nullable: false),
                    student_id = table.Column<Guid>(type: "uuid", nullable: false),
                    step = table.Column<int>(type: "integer", nullable: false),
                    line = table.Column<string>(type: "character varying(200)", maxLength: 200, nullable: false),
                    written_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_reflections", x => new { x.assignment_id, x.student_id });
                    table.ForeignKey(
                        name: "fk_reflections_assignments_assignment_id",
                        column: x => x.assignment_id,
                        principalTable: "assignments",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "fk_reflections_students_student_id",
                        column: x => x.student_id,
                        principalTable: "students",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_reflections_student_id",
                table: "reflections",
                column: "student_id");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "reflections");

            migrationBuilder.DropColumn(
                name: "forms",
                table: "sets");

            migrationBuilder.DropColumn(
                name: "weights",
                table: "assignments");
        }
    }
}

using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JauntyCompass.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class Instruments : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "rules",
                table: "classes",
                type: "json",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "cabinet",
                columns: table => new
                {
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    teacher_id = table.Column<Guid>(type: "uuid", nullable: false),
                    key = table.Column<string>(type: "character varying(60)", maxLength: 60, nullable: false),
                    name = table.Column<string>(type: "character varying(80)", maxLength: 80, nullable: false),
                    protractor = table.Column<string>(type: "json", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_cabinet", x => x.id);
                    table.ForeignKey(
                        name: "fk_cabinet_teachers_teacher_id",
                        column: x => x.teacher_id,
                        principalTable: "teachers",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "running_orders",
                columns: table => new
                {
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    teacher_id = table.Column<Guid>(type: "uuid", nullable: false),
                    name = table.Column<string>(type: "character varying(120)", maxLength: 120, nullable: false),
                    items = table.Column<string>(type: "json", nullable: false),
                    saved_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_running_orders", x => x.id);
                    table.ForeignKey(
                        name: "fk_running_orders_teachers_teacher_id",
                        column: x => x.teacher_id,
                        principalTable: "teachers",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_cabinet_teacher_id_key",
                table: "cabinet",
                columns: new[] { "teacher_id", "key" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "ix_running_orders_teacher_id_name",
                table: "running_orders",
                columns: new[] { "teacher_id", "name" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "cabinet");

            migrationBuilder.DropTable(
                name: "running_orders");

            migrationBuilder.DropColumn(
                name: "rules",
                table: "classes");
        }
    }
}

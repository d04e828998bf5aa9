using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JauntyCompass.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class School : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "ix_students_class_id_name_key",
                table: "students");

            migrationBuilder.DropColumn(
                name: "failed_pins",
                table: "students");

            migrationBuilder.DropColumn(
                name: "locked_until",
                table: "students");

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "deleted_at",
                table: "students",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "is_head",
                table: "teachers",
                type: "boolean",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "archived_at",
                table: "students",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<byte[]>(
                name: "card_hash",
                table: "students",
                type: "bytea",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "archived_at",
                table: "sets",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "deleted_at",
                table: "sets",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "archived_at",
                table: "classes",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "deleted_at",
                table: "classes",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "archived_at",
                table: "assignments",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "deleted_at",
                table: "assignments",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "title",
                table: "assignments",
                type: "character varying(120)",
                maxLength: 120,
                nullable: false,
                defaultValue: "");

            migrationBuilder.CreateTable(
                name: "co_teachers",
                columns: table => new
                {
                    class_id = table.Column<Guid>(type: "uuid", nullable: false),
                    teacher_id = table.Column<Guid>(type: "uuid", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_co_teachers", x => new { x.class_id, x.teacher_id });
                    table.ForeignKey(
                        name: "fk_co_teachers_classes_class_id",
                        column: x => x.class_id,
                        principalTable: "classes",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "fk_co_teachers_teachers_teacher_id",
                        column: x => x.teacher_id,
                        principalTable: "teachers",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "one_time_links",
                columns: table => new
                {
                    key_hash = table.Column<byte[]>(type: "bytea", nullable: false),
                    purpose = table.Column<int>(type: "integer", nullable: false),
                    teacher_id = table.Column<Guid>(type: "uuid", nullable: true),
                    for_head = table.Column<bool>(type: "boolean", nullable: false),
                    ends_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_one_time_links", x => x.key_hash);
                    table.ForeignKey(
                        name: "fk_one_time_links_teachers_teacher_id",
                        column: x => x.teacher_id,
                        principalTable: "teachers",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "school",
                columns: table => new
                {
                    id = table.Column<int>(type: "integer", nullable: false),
                    is_demo = table.Column<bool>(type: "boolean", nullable: false),
                    teachers_may_register = table.Column<bool>(type: "boolean", nullable: false),
                    keep_answers_months = table.Column<int>(type: "integer", nullable: false),
                    keep_archived_months = table.Column<int>(type: "integer", nullable: false),
                    tidied_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_school", x => x.id);
                });

            migrationBuilder.CreateTable(
                name: "sessions",
                columns: table => new
                {
                    key_hash = table.Column<byte[]>(type: "bytea", nullable: false),
                    teacher_id = table.Column<Guid>(type: "uuid", nullable: true),
                    student_id = table.Column<Guid>(type: "uuid", nullable: true),
                    began_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    ends_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_sessions", x => x.key_hash);
                    table.ForeignKey(
                        name: "fk_sessions_students_student_id",
                        column: x => x.student_id,
                        principalTable: "students",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "fk_sessions_users_teacher_id",
                        column: x => x.teacher_id,
                        principalTable: "teachers",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "sign_in_tries",
                columns: table => new
                {
                    bucket = table.Column<byte[]>(type: "bytea", nullable: false),
                    subject = table.Column<byte[]>(type: "bytea", nullable: false),
                    count = table.Column<int>(type: "integer", nullable: false),
                    last_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    open_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_sign_in_tries", x => x.bucket);
                });

            // One school a database. Until now every database was begun with the made-up one.
            migrationBuilder.Sql("""
                INSERT INTO school (id, is_demo, teachers_may_register, keep_answers_months, keep_archived_months)
                SELECT 1, EXISTS (SELECT FROM teachers WHERE user_name = 'fenwick'), EXISTS (SELECT FROM teachers), 24, 12
                """);
            // Whoever came first looks after the accounts.
            migrationBuilder.Sql("UPDATE teachers SET is_head = true WHERE id = (SELECT id FROM teachers ORDER BY id LIMIT 1)");
            migrationBuilder.Sql("UPDATE assignments SET title = sets.title FROM sets WHERE sets.id = assignments.set_id");
            // Names are compared composed and with single spaces from now on. Of two that come out alike the later gets a number.
            migrationBuilder.Sql("""
                UPDATE students SET
                  given_name = btrim(regexp_replace(normalize(given_name, NFC), '\s+', ' ', 'g')),
                  name_key = replace(upper(btrim(regexp_replace(normalize(given_name, NFKC), '\s+', ' ', 'g'))), 'ß', 'SS');
                DO $$
                BEGIN
                  LOOP
                    UPDATE students SET
                      given_name = left(students.given_name, 36) || ' ' || again.place,
                      name_key = left(students.name_key, 36) || ' ' || again.place
                    FROM (SELECT id, row_number() OVER (PARTITION BY class_id, name_key ORDER BY id) AS place FROM students) AS again
                    WHERE again.id = students.id AND again.place > 1;
                    EXIT WHEN NOT FOUND;
                  END LOOP;
                END $$
                """);
            // Keys that lay open in the database must not open anything any more; everybody signs in again.
            migrationBuilder.Sql("DELETE FROM data_protection_keys");

            migrationBuilder.CreateIndex(
                name: "ix_students_card_hash",
                table: "students",
                column: "card_hash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "ix_students_class_id_name_key",
                table: "students",
                columns: new[] { "class_id", "name_key" },
                unique: true,
                filter: "deleted_at IS NULL");

            migrationBuilder.CreateIndex(
                name: "ix_co_teachers_teacher_id",
                table: "co_teachers",
                column: "teacher_id");

            migrationBuilder.CreateIndex(
                name: "ix_one_time_links_teacher_id",
                table: "one_time_links",
                column: "teacher_id");

            migrationBuilder.CreateIndex(
                name: "ix_sessions_student_id",
                table: "sessions",
                column: "student_id");

            migrationBuilder.CreateIndex(
                name: "ix_sessions_teacher_id",
                table: "sessions",
                column: "teacher_id");

            migrationBuilder.CreateIndex(
                name: "ix_sign_in_tries_last_at",
                table: "sign_in_tries",
                column: "last_at");

            migrationBuilder.CreateIndex(
                name: "ix_sign_in_tries_subject",
                table: "sign_in_tries",
                column: "subject");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "co_teachers");

            migrationBuilder.DropTable(
                name: "one_time_links");

            migrationBuilder.DropTable(
                name: "school");

            migrationBuilder.DropTable(
                name: "sessions");

            migrationBuilder.DropTable(
                name: "sign_in_tries");

            migrationBuilder.DropIndex(
                name: "ix_students_card_hash",
                table: "students");

            migrationBuilder.DropIndex(
                name: "ix_students_class_id_name_key",
                table: "students");

            migrationBuilder.DropColumn(
                name: "is_head",
                table: "teachers");

            migrationBuilder.DropColumn(
                name: "archived_at",
                table: "students");

            migrationBuilder.DropColumn(
                name: "card_hash",
                table: "students");

            migrationBuilder.DropColumn(
                name: "archived_at",
                table: "sets");

            migrationBuilder.DropColumn(
                name: "deleted_at",
                table: "sets");

            migrationBuilder.DropColumn(
                name: "archived_at",
                table: "classes");

            migrationBuilder.DropColumn(
                name: "deleted_at",
                table: "classes");

            migrationBuilder.DropColumn(
                name: "archived_at",
                table: "assignments");

            migrationBuilder.DropColumn(
                name: "deleted_at",
                table: "assignments");

            migrationBuilder.DropColumn(
                name: "title",
                table: "assignments");

            migrationBuilder.DropColumn(
                name: "deleted_at",
                table: "students");

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "locked_until",
                table: "students",
                type: "timestamp with time zone",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "failed_pins",
                table: "students",
                type: "integer",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.CreateIndex(
                name: "ix_students_class_id_name_key",
                table: "students",
                columns: new[] { "class_id", "name_key" },
                unique: true);
        }
    }
}

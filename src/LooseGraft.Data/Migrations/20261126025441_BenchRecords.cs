using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace LooseGraft.Data.Migrations
{
    /// <inheritdoc />
    public partial class BenchRecords : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "Record",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    GraftId = table.Column<int>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Document = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Record", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Record_Graft_GraftId",
                        column: x => x.GraftId,
                        principalTable: "Graft",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Record_GraftId",
                table: "Record",
                column: "GraftId");

            // What happened is added and never changed; it goes only with its graft.
            migrationBuilder.Sql("CREATE TRIGGER RecordIsNeverChanged BEFORE UPDATE ON Record BEGIN SELECT RAISE(ABORT, 'A record is never changed.'); END;");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Record");
        }
    }
}

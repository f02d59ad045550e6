using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace LooseGraft.Data.Migrations
{
    /// <inheritdoc />
    public partial class BinDonorsMeters : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "BinChange",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    IsUndone = table.Column<bool>(type: "INTEGER", nullable: false),
                    FirstAdded = table.Column<int>(type: "INTEGER", nullable: true),
                    LastAdded = table.Column<int>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BinChange", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "BinEntry",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false, collation: "NOCASE"),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Quantity = table.Column<int>(type: "INTEGER", nullable: false),
                    Paid = table.Column<decimal>(type: "TEXT", nullable: true),
                    Currency = table.Column<string>(type: "TEXT", nullable: false),
                    Condition = table.Column<string>(type: "TEXT", nullable: false),
                    Place = table.Column<string>(type: "TEXT", nullable: false),
                    Note = table.Column<string>(type: "TEXT", nullable: false),
                    IsRemoved = table.Column<bool>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BinEntry", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Donor",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Model = table.Column<string>(type: "TEXT", nullable: false),
                    Revision = table.Column<string>(type: "TEXT", nullable: false),
                    Document = table.Column<string>(type: "TEXT", nullable: false),
                    AddedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    RemovedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Donor", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Meter",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Host = table.Column<string>(type: "TEXT", nullable: false),
                    Port = table.Column<int>(type: "INTEGER", nullable: false),
                    IsOn = table.Column<bool>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Meter", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "BinChangeRow",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ChangeId = table.Column<int>(type: "INTEGER", nullable: false),
                    EntryId = table.Column<int>(type: "INTEGER", nullable: false),
                    Before = table.Column<string>(type: "TEXT", nullable: false),
                    After = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BinChangeRow", x => x.Id);
                    table.ForeignKey(
                        name: "FK_BinChangeRow_BinChange_ChangeId",
                        column: x => x.ChangeId,
                        principalTable: "BinChange",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "BinPromise",
                columns: table => new
                {
                    EntryId = table.Column<int>(type: "INTEGER", nullable: false),
                    GraftId = table.Column<int>(type: "INTEGER", nullable: false),
                    Count = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BinPromise", x => new { x.EntryId, x.GraftId });
                    table.ForeignKey(
                        name: "FK_BinPromise_BinEntry_EntryId",
                        column: x => x.EntryId,
                        principalTable: "BinEntry",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "FK_BinPromise_Graft_GraftId",
                        column: x => x.GraftId,
                        principalTable: "Graft",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_BinChangeRow_ChangeId",
                table: "BinChangeRow",
                column: "ChangeId");

            migrationBuilder.CreateIndex(
                name: "IX_BinEntry_Key",
                table: "BinEntry",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_BinEntry_Name",
                table: "BinEntry",
                column: "Name");

            migrationBuilder.CreateIndex(
                name: "IX_BinPromise_GraftId",
                table: "BinPromise",
                column: "GraftId");

            migrationBuilder.CreateIndex(
                name: "IX_Donor_Model_Revision",
                table: "Donor",
                columns: new[] { "Model", "Revision" });

            // The search reads the entries' own columns; triggers keep it in step within each change's transaction.
            migrationBuilder.Sql("CREATE VIRTUAL TABLE BinSearch USING fts5(Name, Kind, Condition, Place, Note, content='BinEntry', content_rowid='Id', tokenize='unicode61 remove_diacritics 2', prefix='2 3')");
            migrationBuilder.Sql("CREATE TRIGGER BinSearchAdd AFTER INSERT ON BinEntry BEGIN INSERT INTO BinSearch(rowid, Name, Kind, Condition, Place, Note) VALUES (new.Id, new.Name, new.Kind, new.Condition, new.Place, new.Note); END");
            migrationBuilder.Sql("CREATE TRIGGER BinSearchDrop AFTER DELETE ON BinEntry BEGIN INSERT INTO BinSearch(BinSearch, rowid, Name, Kind, Condition, Place, Note) VALUES ('delete', old.Id, old.Name, old.Kind, old.Condition, old.Place, old.Note); END");
            migrationBuilder.Sql("CREATE TRIGGER BinSearchChange AFTER UPDATE OF Name, Kind, Condition, Place, Note ON BinEntry BEGIN INSERT INTO BinSearch(BinSearch, rowid, Name, Kind, Condition, Place, Note) VALUES ('delete', old.Id, old.Name, old.Kind, old.Condition, old.Place, old.Note); INSERT INTO BinSearch(rowid, Name, Kind, Condition, Place, Note) VALUES (new.Id, new.Name, new.Kind, new.Condition, new.Place, new.Note); END");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("DROP TABLE BinSearch");
            migrationBuilder.DropTable(
                name: "BinChangeRow");

            migrationBuilder.DropTable(
                name: "BinPromise");

            migrationBuilder.DropTable(
                name: "Donor");

            migrationBuilder.DropTable(
                name: "Meter");

            migrationBuilder.DropTable(
                name: "BinChange");

            migrationBuilder.DropTable(
                name: "BinEntry");
        }
    }
}

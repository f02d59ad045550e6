using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace LooseGraft.Data.Migrations
{
    /// <inheritdoc />
    public partial class BinChangesUpon : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "Upon",
                table: "BinChange",
                type: "INTEGER",
                nullable: true);

            // What was in force stands upon what was in force before it. What was taken back came back in the order it was made in, and goes on doing so.
            migrationBuilder.Sql("UPDATE BinChange SET Upon = (SELECT MAX(b.Id) FROM BinChange b WHERE b.Id < BinChange.Id AND (BinChange.IsUndone OR NOT b.IsUndone))");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Upon",
                table: "BinChange");
        }
    }
}

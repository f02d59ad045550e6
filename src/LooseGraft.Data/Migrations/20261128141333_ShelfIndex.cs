using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace LooseGraft.Data.Migrations
{
    /// <inheritdoc />
    public partial class ShelfIndex : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateIndex(
                name: "IX_Graft_ThrownAwayAt_ChangedAt_Name_Revision",
                table: "Graft",
                columns: new[] { "ThrownAwayAt", "ChangedAt", "Name", "Revision" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Graft_ThrownAwayAt_ChangedAt_Name_Revision",
                table: "Graft");
        }
    }
}

using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace LooseGraft.Data.Migrations
{
    /// <inheritdoc />
    public partial class BinWare : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Ware",
                table: "BinEntry",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.CreateIndex(
                name: "IX_BinEntry_Ware",
                table: "BinEntry",
                column: "Ware");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_BinEntry_Ware",
                table: "BinEntry");

            migrationBuilder.DropColumn(
                name: "Ware",
                table: "BinEntry");
        }
    }
}

using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace LooseGraft.Data.Migrations
{
    /// <inheritdoc />
    public partial class ChangeRevision : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "Revision",
                table: "Change",
                type: "INTEGER",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Revision",
                table: "Change");
        }
    }
}

using LooseGraft.Data.History;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace LooseGraft.Data;

/// <summary>The database of one bench.</summary>
public sealed class BenchContext(DbContextOptions<BenchContext> options) : DbContext(options)
{
    public DbSet<GraftEntry> Grafts => Set<GraftEntry>();

    public DbSet<ChangeEntry> Changes => Set<ChangeEntry>();

    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
        // SQLite cannot order offsets, and the bench needs no zone: instants are kept as milliseconds since 1970, UTC.
        => configurationBuilder.Properties<DateTimeOffset>().HaveConversion<InstantConverter>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<GraftEntry>(graft =>
        {
            graft.ToTable("Graft");
            graft.Property(entry => entry.Revision).IsConcurrencyToken();
            graft.HasIndex(entry => entry.Name);
        });
        modelBuilder.Entity<ChangeEntry>(change =>
        {
            change.ToTable("Change");
            change.Ignore(entry => entry.Splice);
            change.HasOne<GraftEntry>().WithMany().HasForeignKey(entry => entry.GraftId).OnDelete(DeleteBehavior.Cascade);
            change.HasOne<ChangeEntry>().WithMany().HasForeignKey(entry => entry.ParentId).OnDelete(DeleteBehavior.Cascade);
        });
    }

    private sealed class InstantConverter()
        : ValueConverter<DateTimeOffset, long>(instant => instant.ToUnixTimeMilliseconds(), milliseconds => DateTimeOffset.FromUnixTimeMilliseconds(milliseconds));
}

using LooseGraft.Data.Donors;
using LooseGraft.Data.History;
using LooseGraft.Data.Meters;
using LooseGraft.Data.Owned;
using LooseGraft.Data.Records;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace LooseGraft.Data;

/// <summary>The database of one bench.</summary>
public sealed class BenchContext(DbContextOptions<BenchContext> options) : DbContext(options)
{
    public DbSet<GraftEntry> Grafts => Set<GraftEntry>();

    public DbSet<ChangeEntry> Changes => Set<ChangeEntry>();

    public DbSet<RecordEntry> Records => Set<RecordEntry>();

    public DbSet<BinEntry> Bin => Set<BinEntry>();

    public DbSet<BinPromise> BinPromises => Set<BinPromise>();

    public DbSet<BinChange> BinChanges => Set<BinChange>();

    public DbSet<DonorEntry> Donors => Set<DonorEntry>();

    public DbSet<MeterEntry> Meters => Set<MeterEntry>();

    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
        // SQLite cannot order offsets, and the bench needs no zone: instants are kept as milliseconds since 1970, UTC.
        => configurationBuilder.Properties<DateTimeOffset>().HaveConversion<InstantConverter>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<GraftEntry>(graft =>
        {
            graft.ToTable("Graft");
            // All that the shelf tells without opening a graft: in the rows themselves a document lies before it.
            graft.HasIndex(entry => new { entry.ThrownAwayAt, entry.ChangedAt, entry.Name, entry.Revision });
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
        modelBuilder.Entity<RecordEntry>(record =>
        {
            record.ToTable("Record");
            record.HasOne<GraftEntry>().WithMany().HasForeignKey(entry => entry.GraftId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<BinEntry>(bin =>
        {
            bin.ToTable("BinEntry");
            bin.Ignore(entry => entry.Item);
            bin.HasIndex(entry => entry.Key).IsUnique();
            bin.Property(entry => entry.Name).UseCollation("NOCASE");
            bin.HasIndex(entry => entry.Name);
            bin.HasIndex(entry => entry.Ware);
            // Kept as words, so that the search finds them.
            bin.Property(entry => entry.Kind).HasConversion<string>();
            bin.Property(entry => entry.Condition).HasConversion<string>();
        });
        modelBuilder.Entity<BinPromise>(promise =>
        {
            promise.ToTable("BinPromise");
            promise.HasKey(row => new { row.EntryId, row.GraftId });
            promise.HasOne<BinEntry>().WithMany().HasForeignKey(row => row.EntryId).OnDelete(DeleteBehavior.Restrict);
            promise.HasOne<GraftEntry>().WithMany().HasForeignKey(row => row.GraftId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<BinChange>(change =>
        {
            change.ToTable("BinChange");
            change.HasMany(entry => entry.Rows).WithOne().HasForeignKey(row => row.ChangeId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<BinChangeRow>().ToTable("BinChangeRow");
        modelBuilder.Entity<DonorEntry>(donor =>
        {
            donor.ToTable("Donor");
            donor.HasIndex(entry => new { entry.Model, entry.Revision });
        });
        modelBuilder.Entity<MeterEntry>().ToTable("Meter");
    }

    private sealed class InstantConverter()
        : ValueConverter<DateTimeOffset,
        long>(instant => instant.ToUnixTimeMilliseconds(), milliseconds => DateTimeOffset.FromUnixTimeMilliseconds(milliseconds));
}

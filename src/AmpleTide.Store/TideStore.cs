using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Store;

/// <summary>What the house remembers.</summary>
public sealed class TideStore(DbContextOptions<TideStore> options) : DbContext(options)
{
    /// <summary>The teacher's classes.</summary>
    public DbSet<StoredClass> Classes => Set<StoredClass>();

    /// <summary>The teacher's own moves.</summary>
    public DbSet<OwnMove> Moves => Set<OwnMove>();

    /// <inheritdoc/>
    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        var stored = modelBuilder.Entity<StoredClass>();
        stored.ToTable("classes");
        stored.HasKey(c => c.Id);
        stored.Property(c => c.Id).HasMaxLength(80);
        // Two tabs cannot both save on the same revision.
        stored.Property(c => c.Revision).IsConcurrencyToken();
        stored.HasIndex(c => new { c.SavedAt, c.Id });
        var move = modelBuilder.Entity<OwnMove>();
        move.ToTable("moves");
        move.HasKey(m => m.Id);
        move.Property(m => m.Id).HasMaxLength(60);
    }
}

using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Store;

/// <summary>What the house remembers.</summary>
public sealed class TideStore(DbContextOptions<TideStore> options) : DbContext(options)
{
    /// <summary>Whether the file is still where it was opened.</summary>
    public bool IsThere => File.Exists(Database.GetDbConnection().DataSource);

    /// <summary>The teacher's classes.</summary>
    public DbSet<StoredClass> Classes => Set<StoredClass>();

    /// <summary>What the classes were before.</summary>
    public DbSet<ClassVersion> Versions => Set<ClassVersion>();

    /// <summary>The teacher's own moves.</summary>
    public DbSet<OwnMove> Moves => Set<OwnMove>();

    /// <summary>What was taught.</summary>
    public DbSet<LogEntry> Log => Set<LogEntry>();

    /// <summary>What the teacher says to moves in all classes.</summary>
    public DbSet<OwnWords> Words => Set<OwnWords>();

    /// <summary>What the teacher chose once for all classes.</summary>
    public DbSet<Preference> Preferences => Set<Preference>();

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
        // What was deleted lies in a bin for a while and can be taken out again.
        stored.HasQueryFilter(c => c.DeletedAt == null);
        var version = modelBuilder.Entity<ClassVersion>();
        version.ToTable("versions");
        version.HasKey(v => new { v.ClassId, v.Number });
        version.HasOne<StoredClass>().WithMany().HasForeignKey(v => v.ClassId).OnDelete(DeleteBehavior.Cascade);
        var move = modelBuilder.Entity<OwnMove>();
        move.ToTable("moves");
        move.HasKey(m => m.Id);
        move.Property(m => m.Id).HasMaxLength(60);
        var words = modelBuilder.Entity<OwnWords>();
        words.ToTable("words");
        words.HasKey(w => w.MoveId);
        words.Property(w => w.MoveId).HasMaxLength(60);
        var preference = modelBuilder.Entity<Preference>();
        preference.ToTable("preferences");
        preference.HasKey(p => p.Name);
        preference.Property(p => p.Name).HasMaxLength(40);
        var entry = modelBuilder.Entity<LogEntry>();
        entry.ToTable("log");
        entry.HasKey(e => e.Id);
        entry.Property(e => e.Id).HasMaxLength(80);
        entry.HasIndex(e => new { e.ClassId, e.TaughtAt });
        entry.HasIndex(e => e.TaughtAt);
    }
}

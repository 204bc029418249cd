using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace AmpleTide.Store;

/// <summary>Lets the migrations tool make a store without the server.</summary>
internal sealed class DesignTime : IDesignTimeDbContextFactory<TideStore>
{
    public TideStore CreateDbContext(string[] args)
    {
        var options = new DbContextOptionsBuilder<TideStore>();
        StoreSetup.Use(options, "design-time.db");
        return new(options.Options);
    }
}

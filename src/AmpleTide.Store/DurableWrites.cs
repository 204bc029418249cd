using System.Data.Common;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace AmpleTide.Store;

/// <summary>A save that was answered survives the process being killed and the machine losing power.</summary>
internal sealed class DurableWrites : DbConnectionInterceptor
{
    public static readonly DurableWrites Instance = new();

    public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData) => Set(connection);

    public override Task ConnectionOpenedAsync(
        DbConnection connection,
        ConnectionEndEventData eventData,
        CancellationToken cancellationToken = default
    )
    {
        Set(connection);
        return Task.CompletedTask;
    }

    private static void Set(DbConnection connection)
    {
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA synchronous=FULL; PRAGMA busy_timeout=5000;";
        command.ExecuteNonQuery();
    }
}

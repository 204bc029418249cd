using System.Text.Json;
using AmpleTide.Core.Catalogue;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

// What the teacher says to moves in all classes. It changes how long they take, and so is kept as moves are.
internal sealed partial class OwnMoves
{
    /// <summary>Reads the words that are stored.</summary>
    public void LoadWords(IReadOnlyList<OwnWords> stored)
    {
        live.Words = stored.ToDictionary(w => w.MoveId, w => JsonSerializer.Deserialize(w.Document, StoredJson.Default.TeacherWords)!);
        live.Publish(live.With([.. all.Values]));
    }

    /// <summary>Keeps the words for a move, or the catalogue's again.</summary>
    public async Task Say(TideStore store, string move, TeacherWords? words, CancellationToken cancellation)
    {
        using var mine = await Turn(cancellation);
        var row = await store.Words.FirstOrDefaultAsync(w => w.MoveId == move, cancellation);
        if (words is null && row is not null)
            store.Remove(row);
        else if (words is not null && row is null)
            store.Add(row = new() { MoveId = move, Document = "" });
        if (words is not null)
            row!.Document = JsonSerializer.Serialize(words, StoredJson.Default.TeacherWords);
        var changed = live.Words.Where(w => w.Key != move).ToDictionary();
        if (words is not null)
            changed[move] = words;
        var snapshot = live.With([.. all.Values], changed);
        await using (var both = await store.Database.BeginTransactionAsync(cancellation))
        {
            await Shelf.RefreshClassesWith(store, move, snapshot, cancellation);
            await store.SaveChangesAsync(cancellation);
            await both.CommitAsync(cancellation);
        }
        live.Words = changed;
        live.Publish(snapshot);
    }
}

using System.Text.Json;
using AmpleTide.Core.Catalogue;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

// How the teacher says moves in all classes. It changes how long they take, and so is kept as moves are.
internal sealed partial class OwnMoves
{
    /// <summary>The preference that tells which names moves go by.</summary>
    public const string NamesPreference = "names";

    /// <summary>Reads what is stored: words by move, and preferences.</summary>
    public void LoadSpeech(IReadOnlyList<OwnWords> words, IReadOnlyList<Preference> preferences)
    {
        var names = preferences.FirstOrDefault(p => p.Name == NamesPreference)?.Value;
        live.Speech = new(
            words.ToDictionary(w => w.MoveId, w => JsonSerializer.Deserialize(w.Document, StoredJson.Default.TeacherWords)!),
            Enum.TryParse<NameKind>(names, true, out var kind) ? kind : NameKind.Everyday
        );
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
        var changed = live.Speech.Words.Where(w => w.Key != move).ToDictionary();
        if (words is not null)
            changed[move] = words;
        await Speak(
            store,
            live.Speech with
            {
                Words = changed,
            },
            snapshot => Shelf.RefreshClassesWith(store, move, snapshot, cancellation),
            cancellation
        );
    }

    /// <summary>Keeps which names moves go by.</summary>
    public async Task Call(TideStore store, NameKind names, CancellationToken cancellation)
    {
        using var mine = await Turn(cancellation);
        if (await store.Preferences.FirstOrDefaultAsync(p => p.Name == NamesPreference, cancellation) is { } row)
            row.Value = names.ToString();
        else
            store.Add(new Preference { Name = NamesPreference, Value = names.ToString() });
        await Speak(store, live.Speech with { Names = names }, snapshot => Shelf.RefreshAll(store, snapshot, cancellation), cancellation);
    }

    // Stored together with what the shelf shows of the classes it changes; only then is it there for requests.
    private async Task Speak(TideStore store, Speech speech, Func<CatalogueSnapshot, Task> refresh, CancellationToken cancellation)
    {
        var snapshot = live.With([.. all.Values], speech);
        await using (var both = await store.Database.BeginTransactionAsync(cancellation))
        {
            await refresh(snapshot);
            await store.SaveChangesAsync(cancellation);
            await both.CommitAsync(cancellation);
        }
        live.Speech = speech;
        live.Publish(snapshot);
    }
}

namespace AmpleTide.Server.Answers;

/// <summary>A class on the shelf.</summary>
public sealed record ShelfEntry(
    string Id, string Title, double Minutes, int TotalMs, IReadOnlyList<string> Areas, string About, IReadOnlyList<int> Tide,
    int Serious, int Notable, DateTimeOffset SavedAt);

/// <summary>A page of the shelf, last saved first.</summary>
public sealed record ShelfAnswer(IReadOnlyList<ShelfEntry> Items, int Total);

/// <summary>How the server is.</summary>
public sealed record HealthAnswer(string Status, string Catalogue, string Version);

namespace AmpleTide.Server.Contracts;

/// <summary>A class on the shelf.</summary>
public sealed record ShelfEntry(
    string Id,
    string Title,
    double Minutes,
    int TotalMs,
    IReadOnlyList<string> Areas,
    string About,
    IReadOnlyList<int> Tide,
    int Serious,
    int Notable,
    DateTimeOffset SavedAt,
    IReadOnlyList<string> Tags,
    bool Archived,
    DateTimeOffset? LastTaught
);

/// <summary>A page of the shelf, last saved first; classes of the page whose row cannot be read are named apart.</summary>
public sealed record ShelfResponse(IReadOnlyList<ShelfEntry> Items, int Total, IReadOnlyList<UnreadableClass> Unreadable);

/// <summary>A class whose row cannot be read.</summary>
public sealed record UnreadableClass(string Id, string Title);

/// <summary>A class in the bin.</summary>
public sealed record BinEntry(string Id, string Title, double Minutes, DateTimeOffset DeletedAt);

/// <summary>A version of a class: as it was at the end of a sitting, or when it was given a name.</summary>
public sealed record VersionEntry(int Number, DateTimeOffset SavedAt, string Name, int TotalMs);

/// <summary>Whether a class is archived.</summary>
public sealed record ArchivedRequest(bool Archived);

/// <summary>What a version is to be called.</summary>
public sealed record VersionName(string Name);

/// <summary>How the server is.</summary>
public sealed record HealthResponse(string Status, string Catalogue, string Version);

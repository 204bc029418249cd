namespace AmpleTide.Store;

/// <summary>A class as it is kept: its document, and what the shelf shows of it, so that listing reads no document.</summary>
public sealed class StoredClass
{
    /// <summary>Its id, also in the document.</summary>
    public required string Id { get; init; }

    /// <summary>
    /// Counts the saves; the ETag is made of it. The count begins with the time of the first save, so that a class that is made anew under
    /// the id of one that was deleted for good has none of its tags.
    /// </summary>
    public long Revision { get; set; }

    /// <summary>The class file.</summary>
    public required string Document { get; set; }

    /// <summary>When it was last saved, in milliseconds since 1970, UTC.</summary>
    public long SavedAt { get; set; }

    /// <summary>What it is called.</summary>
    public required string Title { get; set; }

    /// <summary>How long it should last.</summary>
    public double Minutes { get; set; }

    /// <summary>How long it lasts as planned.</summary>
    public int TotalMs { get; set; }

    /// <summary>Its theme areas.</summary>
    public required List<string> Areas { get; set; }

    /// <summary>Its tags.</summary>
    public List<string> Tags { get; set; } = [];

    /// <summary>Whether it lies out of sight, behind the shelf.</summary>
    public bool Archived { get; set; }

    /// <summary>When it was deleted, in milliseconds since 1970, UTC; null while it stands on the shelf.</summary>
    public long? DeletedAt { get; set; }

    /// <summary>A line about group and place.</summary>
    public required string About { get; set; }

    /// <summary>The tide line of the shelf: height in thousandths of a stature at even steps of time.</summary>
    public List<int> Tide { get; set; } = [];

    /// <summary>
    /// How long it lasted before its length was worked out anew with a newer catalogue or clock; null once the teacher has been told.
    /// </summary>
    public int? WasMs { get; set; }

    /// <summary>The catalogue and the clock that length, tide line and findings were worked out with.</summary>
    public string FiguredWith { get; set; } = "";

    /// <summary>How many serious findings it has.</summary>
    public int Serious { get; set; }

    /// <summary>How many notable findings it has.</summary>
    public int Notable { get; set; }
}

using AmpleTide.Core.Body;

namespace AmpleTide.Core.Scoring;

/// <summary>Something the teacher says; heard while people are on their way, go in, or are still.</summary>
public readonly record struct TalkSpan(TimeSpan At, TimeSpan Length, ItemScore Item, Side Side, string Text, bool Mirrored)
{
    /// <summary>The words as they are said.</summary>
    public string Said => Catalogue.Words.For(Text, Side, Mirrored);

    /// <summary>When it ends.</summary>
    public TimeSpan End => At + Length;
}

namespace AmpleTide.Core.Catalogue;

/// <summary>How a move has sides.</summary>
public enum Sidedness
{
    /// <summary>No sides.</summary>
    None,

    /// <summary>One side, then the other.</summary>
    OneSided,

    /// <summary>Each round the other side.</summary>
    Alternating,

    /// <summary>Clockwise, then the other way; or back and forward; or in and out.</summary>
    Circling,

    /// <summary>Which arm, thumb, shin or elbow is on top.</summary>
    Crossing,
}

/// <summary>What the two directions of a circling move are called.</summary>
public enum Circle
{
    /// <summary>Head, trunk and hips, as seen from above.</summary>
    Clockwise,

    /// <summary>Shoulders, elbows and arms.</summary>
    Backwards,

    /// <summary>Wrists and ankles.</summary>
    Inwards,
}

/// <summary>How the second side comes out of the first.</summary>
public enum Second
{
    /// <summary>Right and left swapped.</summary>
    Mirror,

    /// <summary>Backward in time, as with shoulder rolls.</summary>
    Reverse,
}

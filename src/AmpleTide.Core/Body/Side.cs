namespace AmpleTide.Core.Body;

/// <summary>A side of the body, always the group's own: the right of whoever does the move.</summary>
public enum Side
{
    /// <summary>Both sides alike, or no side at all.</summary>
    None,

    /// <summary>The right side.</summary>
    Right,

    /// <summary>The left side.</summary>
    Left,
}

/// <summary>What can be asked of a side.</summary>
public static class Sides
{
    /// <summary>The other side; <see cref="Side.None"/> stays none.</summary>
    public static Side Opposite(this Side side) =>
        side switch
        {
            Side.Right => Side.Left,
            Side.Left => Side.Right,
            _ => Side.None,
        };
}

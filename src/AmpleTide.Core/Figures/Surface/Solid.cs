using System.Numerics;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>An ellipsoid or a box in the room, in statures.</summary>
/// <param name="Centre">Its middle.</param>
/// <param name="A">One half-axis; the three are square to each other.</param>
/// <param name="B">Another.</param>
/// <param name="C">The third.</param>
/// <param name="Part">What it belongs to.</param>
/// <param name="Sweep">The way it is swept along, so that it is lit as if it were endless; zero for one that stands for itself.</param>
/// <param name="IsBox">Whether it is a box.</param>
internal readonly record struct Solid(
    Vector3 Centre,
    Vector3 A,
    Vector3 B,
    Vector3 C,
    Part Part,
    Vector3 Sweep = default,
    bool IsBox = false
);

using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>
/// What a move eases in one position: the areas its shapes lengthen, further than the plain position does already, and those its author
/// names because no shape shows them. Everything that asks what a move is good for asks here.
/// </summary>
public sealed class Easing
{
    private readonly double[] most = new double[Body.Areas.Count];

    // What is lengthened by less than this share of what is lengthened most comes along, and is not what the move is for. Common
    // practice, no source.
    private const double AlongTheWay = 0.5;

    /// <summary>Reads the phases of a move.</summary>
    /// <param name="position">The position it is taken in.</param>
    /// <param name="phases">Its phases.</param>
    /// <param name="move">The move, for what its author says of areas.</param>
    public Easing(Position position, IReadOnlyList<PhaseForm> phases, Move move)
    {
        var named = move.AlsoEases;
        foreach (var phase in phases)
        {
            var covered = phase.CoverageOn(Side.Right);
            AreaBits |= covered.RightAreas | covered.LeftAreas;
            for (var a = 0; a < most.Length; a++)
                most[a] = Math.Max(most[a], phase.Facts.Stretch((Area)a));
        }
        AreaBits &= ~move.AreasByNameOnly;
        var furthest = Enum.GetValues<Area>().Where(a => (AreaBits & (1u << (int)a)) != 0).Select(Gained).DefaultIfEmpty().Max();
        for (var a = 0; a < most.Length; a++)
            if (Gained((Area)a) < AlongTheWay * furthest)
                AreaBits &= ~(1u << a);
        for (var a = 0; a < most.Length; a++)
            if ((AreaBits & (1u << a)) == 0)
                most[a] = 0;
        foreach (var area in named)
            AreaBits |= 1u << (int)area;
        Named = named;
        Strongest = [.. named.Concat(Enum.GetValues<Area>().Where(a => most[(int)a] > 0).OrderByDescending(Gained)).Distinct()];

        double Gained(Area area) => most[(int)area] - (position.Plain ? position.Facts.Stretch(area) : 0);
    }

    /// <summary>The areas it eases: bit i is area i.</summary>
    public uint AreaBits { get; }

    /// <summary>The areas it eases: those its author names, then the others, the one it lengthens furthest first.</summary>
    public IReadOnlyList<Area> Strongest { get; }

    /// <summary>The areas its author names.</summary>
    public IReadOnlyList<Area> Named { get; }

    /// <summary>Whether it eases an area.</summary>
    public bool Includes(Area area) => (AreaBits & (1u << (int)area)) != 0;

    /// <summary>
    /// How far it lengthens an area it eases, on the side that is lengthened more: 1 is the end of what is normal; 0 where no shape
    /// shows it.
    /// </summary>
    public double Of(Area area) => most[(int)area];
}

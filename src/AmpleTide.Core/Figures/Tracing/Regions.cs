namespace AmpleTide.Core.Figures.Tracing;

/// <summary>
/// The regions of an image: pixels of one colour that lie together and have no line between them. Empty pixels are region 0.
/// </summary>
internal sealed class Regions
{
    // Of each label: the one it is joined to, its colour, its pixels, and in the end its region.
    private readonly List<int> parents = [],
        colours = [],
        pixels = [];
    private int[] regionOf = [],
        sizes = [];

    // The label of each pixel: a run's own, or that of the run above it.
    private int[] labels = [];

    /// <summary>The region of a pixel.</summary>
    public int At(int pixel) => regionOf[labels[pixel]];

    /// <summary>The colour of each region.</summary>
    public List<int> Colours { get; } = [];

    /// <summary>
    /// Finds them, by runs of a row that touch those of the row above (union-find), in time linear in the pixels.
    /// </summary>
    public void Find(int width, int height, int[] image, byte[] across, byte[] down)
    {
        var size = width * height;
        if (labels.Length < size)
            labels = new int[size];
        parents.Clear();
        colours.Clear();
        pixels.Clear();
        Add(0);
        for (var y = 0; y < height; y++)
            Row(width, y, image, across, down);
        Number(size);
    }

    private int Add(int colour)
    {
        parents.Add(parents.Count);
        colours.Add(colour);
        pixels.Add(0);
        return parents.Count - 1;
    }

    private void Row(int width, int y, int[] image, byte[] across, byte[] down)
    {
        var (row, x) = (y * width, 0);
        while (x < width)
        {
            var colour = image[row + x];
            if (colour == 0)
            {
                var stop = image.AsSpan(row + x, width - x).IndexOfAnyExcept(0);
                stop = stop < 0 ? width - x : stop;
                labels.AsSpan(row + x, stop).Clear();
                x += stop;
                continue;
            }
            var from = x;
            while (x + 1 < width && across[row + x] == 0 && image[row + x + 1] == colour)
                x++;
            x++;
            var label = Label(colour, row + from - width, row + x - width, image, down);
            labels.AsSpan(row + from, x - from).Fill(label);
            pixels[label] += x - from;
        }
    }

    private int Label(int colour, int from, int to, int[] image, byte[] down)
    {
        var label = -1;
        for (var i = Math.Max(0, from); i < to; i++)
        {
            if (down[i] != 0 || image[i] != colour)
                continue;
            var root = Root(labels[i]);
            if (label < 0)
                label = root;
            else if (root != label)
            {
                (label, var joined) = root < label ? (root, label) : (label, root);
                parents[joined] = label;
            }
        }
        return label >= 0 ? label : Add(colour);
    }

    private int Root(int label)
    {
        while (parents[label] != label)
            label = parents[label] = parents[parents[label]];
        return label;
    }

    // Numbers without gaps, in the order they come.
    private void Number(int size)
    {
        regionOf = new int[parents.Count];
        Colours.Clear();
        Colours.Add(0);
        for (var k = 1; k < regionOf.Length; k++)
            if (parents[k] == k)
            {
                regionOf[k] = Colours.Count;
                Colours.Add(colours[k]);
            }
        sizes = new int[Colours.Count];
        for (var k = 1; k < regionOf.Length; k++)
            sizes[regionOf[k] = regionOf[Root(k)]] += pixels[k];
        sizes[0] = size;
    }

    /// <summary>Gives specks to the neighbour they share most of their border with.</summary>
    /// <param name="least">How many pixels a region has that stays.</param>
    public void Absorb(int least, int width, int height, byte[] across, byte[] down)
    {
        if (!Array.Exists(sizes, s => s < least))
            return;
        var inner = (width * height) - width;
        var borders = new Dictionary<(int Speck, int Neighbour), int>();
        foreach (var i in Cracked(across, inner))
            Note(At(i), At(i + 1));
        foreach (var i in Cracked(down, inner))
            Note(At(i), At(i + width));
        var into = Enumerable.Range(0, sizes.Length).ToArray();
        var most = new int[sizes.Length];
        foreach (var ((speck, neighbour), shared) in borders)
            if (sizes[neighbour] >= least && shared > most[speck])
                (most[speck], into[speck]) = (shared, neighbour);
        foreach (ref var region in regionOf.AsSpan())
            region = into[region];
        Close(across, inner, 1);
        Close(down, inner, width);

        void Note(int a, int b)
        {
            if (a == b)
                return;
            if (sizes[a] < least)
                borders[(a, b)] = borders.GetValueOrDefault((a, b)) + 1;
            if (sizes[b] < least)
                borders[(b, a)] = borders.GetValueOrDefault((b, a)) + 1;
        }

        void Close(byte[] cracks, int count, int step)
        {
            for (var i = 0; i < count; i++)
                if (cracks[i] == 1 && At(i) == At(i + step))
                    cracks[i] = 0;
        }
    }

    private static IEnumerable<int> Cracked(byte[] cracks, int count)
    {
        for (var at = Next(0); at < count; at = Next(at + 1))
            yield return at;

        int Next(int from)
        {
            if (from >= count)
                return count;
            var skip = cracks.AsSpan(from, count - from).IndexOfAnyExcept((byte)0);
            return skip < 0 ? count : from + skip;
        }
    }
}

namespace AmpleTide.Core.Figures.Tracing;

/// <summary>
/// The regions of an image: pixels of one colour that lie together and have no line between them. Empty pixels are region 0.
/// </summary>
internal sealed class Regions
{
    private readonly List<int> parents = [],
        colours = [];
    private int[] sizes = [];
    private int[] of = [];

    /// <summary>The region of each pixel.</summary>
    public int[] Of => of;

    /// <summary>The colour of each region.</summary>
    public List<int> Colours { get; } = [];

    /// <summary>
    /// Finds them, by runs of a row that touch those of the row above (union-find), in time linear in the pixels.
    /// </summary>
    public void Find(int width, int height, int[] image, byte[] across, byte[] down)
    {
        var size = width * height;
        if (of.Length < size)
            of = new int[size];
        parents.Clear();
        colours.Clear();
        parents.Add(0);
        colours.Add(0);
        for (var y = 0; y < height; y++)
            Row(width, y, image, across, down);
        Number(size);
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
                of.AsSpan(row + x, stop).Clear();
                x += stop;
                continue;
            }
            var from = x;
            while (x + 1 < width && across[row + x] == 0 && image[row + x + 1] == colour)
                x++;
            x++;
            of.AsSpan(row + from, x - from).Fill(Label(colour, row + from - width, row + x - width, image, down));
        }
    }

    private int Label(int colour, int from, int to, int[] image, byte[] down)
    {
        var label = -1;
        for (var i = Math.Max(0, from); i < to; i++)
        {
            if (down[i] != 0 || image[i] != colour)
                continue;
            var root = Root(of[i]);
            if (label < 0)
                label = root;
            else if (root != label)
            {
                (label, var joined) = root < label ? (root, label) : (label, root);
                parents[joined] = label;
            }
        }
        if (label >= 0)
            return label;
        parents.Add(parents.Count);
        colours.Add(colour);
        return parents.Count - 1;
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
        Span<int> number = new int[parents.Count];
        Colours.Clear();
        Colours.Add(0);
        for (var k = 1; k < number.Length; k++)
            if (parents[k] == k)
            {
                number[k] = Colours.Count;
                Colours.Add(colours[k]);
            }
        for (var k = 1; k < number.Length; k++)
            number[k] = number[Root(k)];
        sizes = new int[Colours.Count];
        for (var i = NextFilled(0, size); i < size; i = NextFilled(i + 1, size))
            sizes[of[i] = number[of[i]]]++;
        sizes[0] = size;
    }

    private int NextFilled(int from, int size)
    {
        if (from >= size)
            return size;
        var skip = of.AsSpan(from, size - from).IndexOfAnyExcept(0);
        return skip < 0 ? size : from + skip;
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
            Note(of[i], of[i + 1]);
        foreach (var i in Cracked(down, inner))
            Note(of[i], of[i + width]);
        var into = Enumerable.Range(0, sizes.Length).ToArray();
        var most = new int[sizes.Length];
        foreach (var ((speck, neighbour), shared) in borders)
            if (sizes[neighbour] >= least && shared > most[speck])
                (most[speck], into[speck]) = (shared, neighbour);
        for (var i = NextFilled(0, width * height); i < width * height; i = NextFilled(i + 1, width * height))
            of[i] = into[of[i]];
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
                if (cracks[i] == 1 && of[i] == of[i + step])
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

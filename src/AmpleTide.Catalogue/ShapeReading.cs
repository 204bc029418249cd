using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using Range = AmpleTide.Core.Body.Range;

namespace AmpleTide.Catalogue;

/// <summary>Reads what authors write of shapes: angles, contacts, touches, ranges.</summary>
internal static class ShapeReading
{
    // An angle may go a little beyond the normal range: bodies differ.
    private const double Slack = 1.15;
    private const int MostDegrees = 10_000;
    private const int FullTurn = 360;
    private const int QuarterTurn = 90;

    public static ShapeChange ReadChange(Entry entry, IReadOnlyList<Range> allowed)
    {
        var change = new ShapeChange(
            ReadAngles(entry, "shape", allowed),
            ReadAngles(entry, "near", allowed),
            ReadContacts(entry),
            ReadTouches(entry)
        );
        return change.Angles.Count + change.Near.Count + change.Contacts.Count + change.Touches.Count == 0 ? ShapeChange.None : change;
    }

    public static Dictionary<Axis, double> ReadAngles(Entry entry, string field, IReadOnlyList<Range> allowed)
    {
        var angles = new Dictionary<Axis, double>();
        if (entry.Inner(field) is not { } shape)
            return angles;
        // A name of both sides or both parts comes first, so that a single one can differ from it.
        foreach (var name in shape.Fields().OrderByDescending(n => Axes.Named(n).Count))
        {
            var axes = Axes.Named(name);
            if (axes.Count == 0)
                shape.Wrong(name, "there is no such axis");
            if (shape.OptionalNumber(name, -MostDegrees, MostDegrees) is not { } written)
                continue;
            foreach (var (axis, degrees) in Axes.Share(axes, written))
            {
                angles[axis] = degrees;
                var range = allowed[(int)axis];
                if (!range.Allows(degrees, Slack))
                    shape.Wrong(name, $"{degrees:0}° is out of reach, {Axes.Name(axis)} goes from {range.Least:0} to {range.Most:0}");
            }
        }
        return angles;
    }

    public static Dictionary<string, string> ReadContacts(Entry entry)
    {
        var contacts = new Dictionary<string, string>();
        if (entry.Inner("contacts") is not { } map)
            return contacts;
        foreach (var word in map.Fields())
        {
            if (Contacts.Marks(word).Count == 0)
                map.Wrong(word, "no part of the body rests by that name");
            else if (map.Text(word) is var support && support is not ("none" or "stay") && Support.Find(support) is null)
                map.Wrong(word, $"'{support}' is not one of none, stay, {string.Join(", ", Support.Names)}");
            else
                contacts[word] = support;
        }
        return contacts;
    }

    private static readonly Dictionary<string, Grip> Grips = new()
    {
        ["clasp"] = Grip.Clasp,
        ["press"] = Grip.Press,
        ["hold"] = Grip.Hold,
    };

    /// <summary>What lies where, by what lies; null for what lies there no longer. <c>hold left.wrist</c> says how as well.</summary>
    public static Dictionary<string, Touch?> ReadTouches(Entry entry)
    {
        var touches = new Dictionary<string, Touch?>();
        if (entry.Inner("touch") is not { } map)
            return touches;
        foreach (var mark in map.Fields())
        {
            var words = map.Text(mark).Split(' ', 2);
            var (how, on) = words.Length == 2 ? (words[0], words[1]) : (null, words[0]);
            if (Landmark.Find(mark) is not { } lies)
                map.Wrong(mark, "there is no such part of the body");
            else if (how is not null && !Grips.ContainsKey(how))
                map.Wrong(mark, $"'{how}' is not one of {string.Join(", ", Grips.Keys)}");
            else if (how is null && on == "none")
                touches[mark] = null;
            else if (Landmark.Find(on) is not { } under)
                map.Wrong(mark, $"'{on}' is not a part of the body");
            else
                touches[mark] = new(lies, under, how is null ? Grip.Rest : Grips[how]);
        }
        return touches;
    }

    public static Range[] ReadAllowed(Entry entry)
    {
        var allowed = Enum.GetValues<Axis>().Select(Axes.Allowed).ToArray();
        if (entry.Inner("allowed") is not { } map)
            return allowed;
        foreach (var name in map.Fields())
        {
            var ends = map.Integers(name);
            if (ends.Count != 2 || ends[0] >= ends[1])
                map.Wrong(name, "least and most are needed, as in [-50, 150]");
            else
                foreach (var axis in Axes.Named(name))
                    allowed[(int)axis] = new(ends[0], ends[1]);
            if (Axes.Named(name).Count == 0)
                map.Wrong(name, "there is no such axis");
        }
        return allowed;
    }

    public static Viewpoint? ReadView(Entry entry)
    {
        if (!entry.Has("view"))
            return null;
        var numbers = entry.Integers("view");
        if (numbers.Count is 1 or 2 && Math.Abs(numbers[0]) <= FullTurn && (numbers.Count == 1 || Math.Abs(numbers[1]) <= QuarterTurn))
            return new(numbers[0], numbers.Count == 2 ? numbers[1] : 7);
        entry.Wrong("view", "degrees round (360 at most) and, if need be, above (90 at most) are needed, as in [25, 7]");
        return null;
    }
}

using System.Runtime.CompilerServices;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

/// <summary>What something that is told of a move rests on.</summary>
public enum Source
{
    /// <summary>The shapes and phases, computed.</summary>
    Shape,

    /// <summary>The kind of move: what is counted, held, or rested in.</summary>
    Kind,

    /// <summary>The author's word.</summary>
    Author,
}

/// <summary>How much of each <see cref="Strain"/> a move asks, and what each grade rests on.</summary>
public sealed class Strains
{
    private static readonly Strain[] All = Enum.GetValues<Strain>();

    private readonly Grade[] grades = new Grade[All.Length];
    private readonly Source[] sources = new Source[All.Length];

    /// <summary>How much of a strain is asked.</summary>
    public Grade this[Strain strain] => grades[(int)strain];

    /// <summary>What that rests on.</summary>
    public Source From(Strain strain) => sources[(int)strain];

    /// <summary>All that is asked at all.</summary>
    public IEnumerable<Strain> Asked => All.Where(s => this[s] > Grade.None);

    /// <summary>
    /// What a form asks: read off its shapes and its kind, and what its author says. Where arms and legs are meant, those of one side
    /// only, or of both.
    /// </summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="limbs">The side whose arm and leg count; none for both.</param>
    public static Strains Of(MoveForm form, Side limbs = Side.None) => Known.GetOrCreateValue(form).Here(form, limbs);

    /// <summary>What the movement asks by itself, in whichever of its positions it is taken: of each strain the least.</summary>
    /// <param name="form">The move as it is taken; its option stays.</param>
    /// <param name="limbs">The side whose arm and leg count; none for both.</param>
    public static Strains OfMovement(MoveForm form, Side limbs = Side.None) => Known.GetOrCreateValue(form).Anywhere(form, limbs);

    private static readonly ConditionalWeakTable<MoveForm, OfForm> Known = [];

    private static Strains Read(MoveForm form, Side limbs)
    {
        var strains = StrainReading.Of(form, limbs);
        foreach (var (strain, said) in form.Move.Asks)
            strains.Say(strain, said.Grade, lower: said.Because is not null);
        if (form.Option != MoveForm.BaseOption)
            foreach (var (strain, said) in form.Move.Options[form.Option].Asks)
                strains.Say(strain, said.Grade, lower: true);
        return strains;
    }

    private static Strains Least(MoveForm form, Side limbs)
    {
        var all = form.Forms.Where(f => f.Option == form.Option).Select(f => Of(f, limbs)).ToList();
        var least = new Strains();
        foreach (var strain in All)
        {
            var one = all.MinBy(s => s[strain])!;
            least.Raise(strain, one[strain], one.From(strain));
        }
        return least;
    }

    /// <summary>Raises a strain; the greater grade stays.</summary>
    internal void Raise(Strain strain, Grade grade, Source from)
    {
        if (grade > grades[(int)strain])
            (grades[(int)strain], sources[(int)strain]) = (grade, from);
    }

    private void Say(Strain strain, Grade grade, bool lower)
    {
        if (grade > this[strain] || lower)
            (grades[(int)strain], sources[(int)strain]) = (grade, Source.Author);
    }

    private sealed class OfForm
    {
        private readonly Strains?[] here = new Strains?[3];
        private readonly Strains?[] anywhere = new Strains?[3];

        public Strains Here(MoveForm form, Side limbs) => here[(int)limbs] ??= Read(form, limbs);

        public Strains Anywhere(MoveForm form, Side limbs) => anywhere[(int)limbs] ??= Least(form, limbs);
    }
}

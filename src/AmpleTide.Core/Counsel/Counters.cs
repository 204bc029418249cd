using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Counsel;

/// <summary>What takes back what a class owes to itself.</summary>
public static class Counters
{
    /// <summary>What a line that takes a debt back has to do.</summary>
    public static Need Need(CounterDebt debt, string does) => new(does, form =>
    {
        // A way back is soft: at most middle range, and never again the way it was.
        var (least, most) = (form.Bends.Least[debt.Bend], form.Bends.Most[debt.Bend]);
        var (back, again) = debt.Forward ? (-least, most) : (most, -least);
        return form.Move.Kind is MoveKind.Hold or MoveKind.Flow && form.Move.Effort <= 2.6 && back >= CounterDebts.Answer && again < CounterDebts.Strong ? Math.Min(back, CounterDebts.Strong) : 0;
    });
}

using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Server.Contracts;

/// <summary>A condition somebody may have.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="LeaveOut">What to leave out or swap, in words.</param>
/// <param name="Offer">What to offer, in words.</param>
/// <param name="Dose">Up to how much, for how long.</param>
/// <param name="HasSide">Whether it matters on which side it is.</param>
/// <param name="SettlesAfterWeeks">Weeks after which it is judged as settled, where it matters since when.</param>
public sealed record ConditionSummary(
    string Id,
    string Name,
    string LeaveOut,
    string Offer,
    string? Dose,
    bool HasSide,
    int? SettlesAfterWeeks
)
{
    /// <summary>Sums a condition up.</summary>
    public static ConditionSummary Of(Condition c) => new(c.Id, c.Name, c.LeaveOut, c.Offer, c.Dose, c.HasSide, c.SettlesAfterWeeks);
}

/// <summary>What is advised about a move as it is taken for somebody with a condition; see <see cref="LineConditionResponse"/>.</summary>
public sealed record ConditionResponse(
    string Id,
    string Name,
    Advice Movement,
    Advice Here,
    Advice Advice,
    Source From,
    string Because,
    string How,
    AnotherWayResponse? To,
    string Offer,
    string? Dose,
    IReadOnlyList<InsteadResponse> Instead,
    string? Meanwhile
)
{
    /// <summary>All conditions that say more than <i>fine</i>, the gravest first.</summary>
    public static IReadOnlyList<ConditionResponse> Of(MoveForm form, CatalogueSnapshot snapshot)
    {
        var replacements = Replacements.On(snapshot.Ways);
        return
        [
            .. from condition in snapshot.Catalogue.Conditions
            let advised = replacements.Adviser.For(Person.With(condition.Id), form, new())
            where advised.Advice > Advice.Fine
            orderby advised.Advice descending
            select Of(condition, advised, replacements, snapshot),
        ];
    }

    private static ConditionResponse Of(Condition condition, Advised advised, Replacements replacements, CatalogueSnapshot snapshot)
    {
        var leaves = advised.Advice == Advice.LeaveOut;
        var instead = leaves ? replacements.All(advised.Person, Moment.Of(advised.Form, snapshot.Catalogue), ClassPlan.Anywhere) : [];
        return new(
            condition.Id,
            condition.Name,
            advised.Movement,
            advised.Here,
            advised.Advice,
            advised.From,
            advised.Because,
            advised.How,
            advised.To is { } to ? AnotherWayResponse.Of(to) : null,
            condition.Offer,
            condition.Dose,
            [.. instead.Select(i => new InsteadResponse(i.Form.Move.Id, i.Form.Position.Id, i.Form.Option, Said(i.Advice), i.Because))],
            leaves && instead.Count == 0 ? Replacements.Meanwhile(advised.Form) : null
        );
    }

    private static string Said(Advice advice) => JsonNamingPolicy.KebabCaseLower.ConvertName(advice.ToString());
}

/// <summary>Why something is judged more mildly than shapes and kind would have it: the author's reason.</summary>
public sealed record MilderResponse(string What, string Because);

using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Planning;

/// <summary>
/// How fast a group is taken through a class. The factors are on time: 1 is as usual, 2 takes twice as long. A value that is handed to
/// whoever lays a class out, so that a teacher's own pace can stand in for the usual one of a group.
/// </summary>
/// <param name="SecondsPerCount">Seconds of one count of a breath, where the class says nothing.</param>
/// <param name="Rounds">Factor on rounds of flows and rhythms.</param>
/// <param name="Stays">Factor on breaths in holds and stillness, and on going in and coming out.</param>
/// <param name="Ways">Factor on ways between positions.</param>
/// <param name="Talk">Factor on talk.</param>
public sealed record Tempo(double SecondsPerCount, double Rounds, double Stays, double Ways, double Talk)
{
    /// <summary>The least factor on time of a line: half as long.</summary>
    public const double Least = 0.5;

    /// <summary>The greatest factor on time of a line: twice as long.</summary>
    public const double Most = 2;

    // By pace. A moving round is 11 s gentle, 9 s usual, 5.5 s brisk; ways have their seconds by pace in the catalogue. Common
    // practice, no source.
    private static readonly double[] CountByPace = [11 / 9.0, 1.0, 5.5 / 9];
    private static readonly double[] TalkByPace = [1.1, 1.0, 0.9];

    // Common practice, no source.
    private const double OlderTalk = 1.1;
    private const double NewcomerTalk = 1.15;
    private const double ManyNewcomers = 0.25;

    /// <summary>The usual tempo of a group, by its pace, its age and its newcomers.</summary>
    public static Tempo Of(Group group) =>
        new(
            CountByPace[(int)group.Pace],
            1,
            1,
            1,
            TalkByPace[(int)group.Pace]
                * (group.Older ? OlderTalk : 1)
                * (group.Size > 0 && group.Newcomers >= group.Size * ManyNewcomers ? NewcomerTalk : 1)
        );

    /// <summary>
    /// This tempo with the factors of a class, a section and a line, which multiply; their product is held within bounds.
    /// </summary>
    public Tempo With(double ofClass, double ofSection, double ofLine)
    {
        var factor = Math.Clamp(ofClass * ofSection * ofLine, Least, Most);
        return factor == 1
            ? this
            : this with
            {
                Rounds = Rounds * factor,
                Stays = Stays * factor,
                Ways = Ways * factor,
                Talk = Talk * factor,
            };
    }
}

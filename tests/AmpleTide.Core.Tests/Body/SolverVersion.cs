using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using AmpleTide.Core.Body;

namespace AmpleTide.Core.Tests.Body;

/// <summary>
/// Shapes ship with the server and are known by what was asked and by <see cref="Placement.Version"/>. A solver that places the same task
/// differently under the same version would leave old shapes in use.
/// </summary>
public class SolverVersion
{
    // What version 1 makes of all positions. A solver that makes something else needs the next version, and this its new print; a position
    // that is written anew only the new print.
    private const int Version = 1;
    private const string Print = "a8d320ba412524c0";

    [Fact]
    public void A_solver_that_places_differently_has_a_version_of_its_own()
    {
        var print = PrintOf(
            Shipped.Catalogue.Positions.SelectMany(p =>
                p.Base.Angles.AsSpan().ToArray().Append(p.Base.Pelvis.X).Append(p.Base.Pelvis.Y).Append(p.Base.Pelvis.Z)
            )
        );
        Assert.Equal((Version, Print), (Placement.Version, print));
    }

    [Fact]
    public void The_print_sees_a_shape_that_moves() => Assert.NotEqual(PrintOf([12.34, 5]), PrintOf([12.35, 5]));

    // To a hundredth of a degree or of a stature.
    private static string PrintOf(IEnumerable<double> numbers) =>
        Convert.ToHexStringLower(
            SHA256.HashData(
                Encoding.UTF8.GetBytes(
                    string.Join(
                        ' ',
                        numbers.Select(n =>
                            Math.Round(n + 0.0, 2)
                                .ToString("0.00", CultureInfo.InvariantCulture)
                                .Replace("-0.00", "0.00", StringComparison.Ordinal)
                        )
                    )
                )
            )
        )[..16];
}

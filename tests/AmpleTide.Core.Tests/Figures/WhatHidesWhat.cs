using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Raster;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>What is nearer hides what is behind it, whole, and nothing is seen where it is not.</summary>
public class WhatHidesWhat
{
    private const float Scale = 150;

    private static readonly Part[] Big =
    [
        Part.Trunk,
        Part.Head,
        .. from right in new[] { Part.RightUpperArm, Part.RightForearm, Part.RightThigh, Part.RightShank, Part.RightFoot }
        from side in new[] { 0, 1 }
        select right.On(side),
    ];

    [Fact]
    public void Every_part_is_seen_within_its_own_outline()
    {
        // Every fifth card, the end of its picture: the part alone covers at least what is seen of it in the whole.
        foreach (var form in Cards.All.Where((_, i) => i % 5 == 0))
        {
            var scene = Scene.Of(form, form.Move.Picture);
            var camera = CameraOf(form);
            var whole = Drawn(scene, camera);
            foreach (var part in Big)
            {
                var alone = Drawn(scene with { Seen = p => p == part }, camera);
                var beyond = Enumerable.Range(0, whole.Size).Count(i => whole.PartAt(i) == part && alone.PartAt(i) != part);
                Assert.True(beyond == 0, $"{form.Move.Id}: {beyond} pixels of {part} beyond it");
            }
        }
    }

    [Fact]
    public void All_parts_together_fill_the_outline_of_the_body()
    {
        foreach (var form in Cards.All.Where((_, i) => i % 25 == 0))
        {
            var scene = Scene.Of(form, form.Move.Picture);
            var camera = CameraOf(form);
            var whole = Drawn(scene with { Seen = p => p.IsBody() }, camera);
            var apart = new bool[whole.Size];
            foreach (var part in Enumerable.Range(1, Parts.Count).Select(p => (Part)p).Where(p => p.IsBody()))
            {
                var alone = Drawn(scene with { Seen = p => p == part }, camera);
                for (var i = 0; i < apart.Length; i++)
                    apart[i] |= alone.PartAt(i) != Part.None;
            }
            Assert.Equal(apart.Count(a => a), Enumerable.Range(0, whole.Size).Count(i => whole.PartAt(i) != Part.None));
        }
    }

    [Fact]
    public void A_forearm_across_the_other_lies_in_front_whole()
    {
        // One forearm carries the other: where both would be seen, only one of them is.
        var form = Cards.FormOf("arm-across");
        var scene = Scene.Of(form, form.Move.Picture);
        var camera = CameraOf(form);
        var (right, left) = (Crossing(Part.RightForearm), Crossing(Part.LeftForearm));
        var both = Enumerable.Range(0, right.Size).Where(i => right.PartAt(i) != Part.None && left.PartAt(i) != Part.None).ToList();
        Assert.NotEmpty(both);
        var whole = Drawn(scene, camera);
        var ofRight = both.Count(i => whole.PartAt(i) == Part.RightForearm);
        var ofLeft = both.Count(i => whole.PartAt(i) == Part.LeftForearm);
        Assert.True(Math.Min(ofRight, ofLeft) < .15 * both.Count, $"{ofRight} and {ofLeft} of {both.Count}");

        Canvas Crossing(Part part) => Drawn(scene with { Seen = p => p == part }, camera);
    }

    [Fact]
    public void What_is_lifted_is_nearer_and_nowhere_else()
    {
        var form = Cards.FormOf("eagle-arms");
        var scene = Scene.Of(form, form.Move.Picture);
        var camera = CameraOf(form);
        var solids = new Solids();
        solids.Begin(Scale);
        scene.AddTo(solids);
        var nearer = new Overlaps(scene.Pose, solids, camera).Find().ToArray();
        Assert.Contains(nearer, by => by > 0);
        // No more than .05 statures, as limbs are thick.
        Assert.All(nearer, by => Assert.InRange(by, 0, (.05f * Scale) + .01f));
        for (var i = 0; i < nearer.Length; i++)
            if (nearer[i] > 0)
                Assert.True(solids[i].Part.IsLimb() || solids[i].Part == Part.Strap, $"{solids[i].Part}");
    }

    [Fact]
    public void Arms_that_hang_apart_need_no_lift()
    {
        var scene = Scene.Of(Cards.FormOf("star").Phases[0].Shape, Look.Calm);
        var solids = new Solids();
        solids.Begin(Scale);
        scene.AddTo(solids);
        var nearer = new Overlaps(scene.Pose, solids, new(new(0, 0), Vector3.Zero, Scale)).Find();
        Assert.All(nearer.ToArray(), by => Assert.Equal(0, by));
    }

    private static Camera CameraOf(MoveForm form) =>
        new(form.View, FigureDrawing.CentreOf(form.Phases[form.Move.Picture].Shape).Single(), Scale);

    private static Canvas Drawn(Scene scene, Camera camera)
    {
        const int reach = (int)(1.5 * Scale);
        var solids = new Solids();
        solids.Begin(Scale);
        scene.AddTo(solids);
        var canvas = new Canvas();
        canvas.Begin(-reach, -reach, reach, reach);
        Rasterizer.Draw(solids.Span, new Overlaps(scene.Pose, solids, camera).Find(), camera, canvas);
        return canvas;
    }
}

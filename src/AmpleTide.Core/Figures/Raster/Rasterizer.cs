using System.Numerics;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Figures.Raster;

/// <summary>
/// Draws solids into a canvas, nearest first. Each row of an ellipsoid is the interval in which its outline, a conic, is met; along
/// it the depth is solved for several pixels at once.
/// </summary>
internal static class Rasterizer
{
    private static readonly Vector<float> Steps = Vector.CreateSequence(0f, 1f);

    /// <summary>
    /// Where light comes from, in the picture: above, and from the eye's side. Neither right nor left, so that a mirrored body has the
    /// mirrored picture.
    /// </summary>
    public static readonly Vector3 Light = Vector3.Normalize(new(0, -.80f, .60f));

    /// <summary>How far a solid reaches from its middle, in pixels.</summary>
    public static Vector2 Reach(in Solid solid, Camera camera)
    {
        var (a, b, c) = (camera.Seen(solid.A), camera.Seen(solid.B), camera.Seen(solid.C));
        return camera.Scale
            * (
                solid.IsBox
                    ? new(MathF.Abs(a.X) + MathF.Abs(b.X) + MathF.Abs(c.X), MathF.Abs(a.Y) + MathF.Abs(b.Y) + MathF.Abs(c.Y))
                    : new Vector2(MathF.Sqrt((a.X * a.X) + (b.X * b.X) + (c.X * c.X)), MathF.Sqrt((a.Y * a.Y) + (b.Y * b.Y) + (c.Y * c.Y)))
            );
    }

    /// <summary>Draws all of them.</summary>
    /// <param name="solids">What is seen.</param>
    /// <param name="nearer">How much nearer than it is each is drawn, in pixels; empty for none.</param>
    /// <param name="camera">From where.</param>
    /// <param name="canvas">Where it is drawn.</param>
    public static void Draw(ReadOnlySpan<Solid> solids, ReadOnlySpan<float> nearer, Camera camera, Canvas canvas)
    {
        for (var i = 0; i < solids.Length; i++)
            if (solids[i].IsBox)
                Box(solids[i], camera, canvas);
            else
                Ellipsoid(solids[i], nearer.IsEmpty ? 0 : nearer[i], camera, canvas);
    }

    private static Vector3 MiddleOf(in Solid solid, Camera camera, Canvas canvas) =>
        camera.At(solid.Centre) - new Vector3(canvas.Left, canvas.Top, 0);

    private static void Ellipsoid(in Solid solid, float nearer, Camera camera, Canvas canvas)
    {
        var middle = MiddleOf(solid, camera, canvas);
        var (a, b, c) = (camera.Seen(solid.A) * camera.Scale, camera.Seen(solid.B) * camera.Scale, camera.Seen(solid.C) * camera.Scale);
        // The quadric q with p·q·p = 1 on the surface.
        float la = a.LengthSquared(),
            lb = b.LengthSquared(),
            lc = c.LengthSquared();
        float ia = 1 / (la * la),
            ib = 1 / (lb * lb),
            ic = 1 / (lc * lc);
        float Q(float pa, float ra, float pb, float rb, float pc, float rc) => (pa * ra * ia) + (pb * rb * ib) + (pc * rc * ic);
        float xx = Q(a.X, a.X, b.X, b.X, c.X, c.X),
            yy = Q(a.Y, a.Y, b.Y, b.Y, c.Y, c.Y),
            zz = Q(a.Z, a.Z, b.Z, b.Z, c.Z, c.Z),
            xy = Q(a.X, a.Y, b.X, b.Y, c.X, c.Y),
            xz = Q(a.X, a.Z, b.X, b.Z, c.X, c.Z),
            yz = Q(a.Y, a.Z, b.Y, b.Z, c.Y, c.Z);
        var tall = MathF.Sqrt((a.Y * a.Y) + (b.Y * b.Y) + (c.Y * c.Y));
        int first = Math.Max(1, (int)MathF.Ceiling(middle.Y - tall - .5f)),
            last = Math.Min(canvas.Height - 2, (int)MathF.Floor(middle.Y + tall - .5f));
        float e = (xx * zz) - (xz * xz),
            perZ = 1 / zz;
        var light = LightOn(solid, camera);
        var (depth, parts, normalX, normalY, lit) = (canvas.Depth, canvas.Parts, canvas.NormalX, canvas.NormalY, canvas.Light);
        var part = new Vector<int>((int)solid.Part);
        var near = new Vector<float>(middle.Z + nearer);
        for (var y = first; y <= last; y++)
        {
            var dy = y + .5f - middle.Y;
            float f = ((xy * zz) - (xz * yz)) * dy,
                g = (((yy * zz) - (yz * yz)) * dy * dy) - zz;
            var under = (f * f) - (e * g);
            if (under < 0)
                continue;
            var half = MathF.Sqrt(under);
            int from = Math.Max(1, (int)MathF.Ceiling(middle.X + ((-f - half) / e) - .5f)),
                to = Math.Min(canvas.Width - 2, (int)MathF.Floor(middle.X + ((-f + half) / e) - .5f));
            var row = y * canvas.Width;
            for (var x = from; x <= to; x += Vector<float>.Count)
            {
                var dx = new Vector<float>(x + .5f - middle.X) + Steps;
                var p = (dx * xz) + new Vector<float>(yz * dy);
                var q = (dx * dx * xx) + (dx * (2 * xy * dy)) + new Vector<float>((yy * dy * dy) - 1);
                var inside = (p * p) - (q * zz);
                var root = Vector.SquareRoot(Vector.Max(inside, Vector<float>.Zero));
                var dz = (root - p) * perZ;
                var z = dz + near;
                var at = row + x;
                var before = new Vector<float>(depth, at);
                var hit = Vector.GreaterThanOrEqual(inside, Vector<float>.Zero) & Vector.GreaterThan(z, before);
                // The frame round the canvas stays empty.
                if (x + Vector<float>.Count > canvas.Width - 1)
                    hit &= Vector.LessThan(Steps, new Vector<float>(canvas.Width - 1 - x));
                if (hit == Vector<int>.Zero)
                    continue;
                var nx = (dx * xx) + new Vector<float>(xy * dy) + (dz * xz);
                var ny = (dx * xy) + new Vector<float>(yy * dy) + (dz * yz);
                var length = Vector.SquareRoot(Vector.Max((nx * nx) + (ny * ny) + (root * root), new Vector<float>(1e-12f)));
                Vector.ConditionalSelect(hit, z, before).CopyTo(depth, at);
                Vector.ConditionalSelect(hit, part, new Vector<int>(parts, at)).CopyTo(parts, at);
                Vector.ConditionalSelect(hit, nx / length, new Vector<float>(normalX, at)).CopyTo(normalX, at);
                Vector.ConditionalSelect(hit, ny / length, new Vector<float>(normalY, at)).CopyTo(normalY, at);
                var falls = ((nx * light.X) + (ny * light.Y) + (root * light.Z)) / length;
                Vector.ConditionalSelect(hit, falls, new Vector<float>(lit, at)).CopyTo(lit, at);
            }
        }
    }

    // What is swept is lit as if it were endless along its sweep, so that its steps do not show.
    private static Vector3 LightOn(in Solid solid, Camera camera)
    {
        if (solid.Sweep == default)
            return Light;
        var along = Vector3.Normalize(camera.Seen(solid.Sweep));
        return Light - (along * Vector3.Dot(along, Light));
    }

    // A box is where the line through a pixel is between three pairs of planes at once: from the nearest way in to the farthest way out.
    private static void Box(in Solid solid, Camera camera, Canvas canvas)
    {
        var (middle, reach) = (MiddleOf(solid, camera, canvas), Reach(solid, camera));
        ReadOnlySpan<Planes> pairs =
        [
            new(camera.Seen(solid.A) * camera.Scale),
            new(camera.Seen(solid.B) * camera.Scale),
            new(camera.Seen(solid.C) * camera.Scale),
        ];
        int top = Math.Max(1, (int)(middle.Y - reach.Y)),
            bottom = Math.Min(canvas.Height - 2, (int)(middle.Y + reach.Y)),
            left = Math.Max(1, (int)(middle.X - reach.X)),
            right = Math.Min(canvas.Width - 2, (int)(middle.X + reach.X));
        var (depth, parts, normalX, normalY, lit) = (canvas.Depth, canvas.Parts, canvas.NormalX, canvas.NormalY, canvas.Light);
        var part = new Vector<int>((int)solid.Part);
        for (var y = top; y <= bottom; y++)
        for (var x = left; x <= right; x += Vector<float>.Count)
        {
            var dx = new Vector<float>(x + .5f - middle.X) + Steps;
            Vector<float> near = new(float.MaxValue),
                far = new(float.MinValue),
                nx = default,
                ny = default,
                falls = default;
            var hit = Vector.LessThan(Steps, new Vector<float>(right + 1 - x));
            foreach (ref readonly var pair in pairs)
            {
                var off = (dx * pair.Axis.X) + new Vector<float>(pair.Axis.Y * (y + .5f - middle.Y));
                if (pair.AreAlongTheSight)
                {
                    hit &= Vector.LessThanOrEqual(Vector.Abs(off), new Vector<float>(pair.Half));
                    continue;
                }
                var front = (new Vector<float>(pair.Half) - off) / new Vector<float>(pair.Axis.Z);
                var isIn = Vector.LessThan(front, near);
                near = Vector.Min(front, near);
                far = Vector.Max(far, (new Vector<float>(-pair.Half) - off) / new Vector<float>(pair.Axis.Z));
                nx = Vector.ConditionalSelect(isIn, new Vector<float>(pair.Normal.X), nx);
                ny = Vector.ConditionalSelect(isIn, new Vector<float>(pair.Normal.Y), ny);
                falls = Vector.ConditionalSelect(isIn, new Vector<float>(Vector3.Dot(pair.Normal, Light)), falls);
            }
            var at = (y * canvas.Width) + x;
            var (before, z) = (new Vector<float>(depth, at), near + new Vector<float>(middle.Z));
            hit &= Vector.GreaterThanOrEqual(near, far) & Vector.GreaterThan(z, before);
            if (hit == Vector<int>.Zero)
                continue;
            Vector.ConditionalSelect(hit, z, before).CopyTo(depth, at);
            Vector.ConditionalSelect(hit, part, new Vector<int>(parts, at)).CopyTo(parts, at);
            Vector.ConditionalSelect(hit, nx, new Vector<float>(normalX, at)).CopyTo(normalX, at);
            Vector.ConditionalSelect(hit, ny, new Vector<float>(normalY, at)).CopyTo(normalY, at);
            Vector.ConditionalSelect(hit, falls, new Vector<float>(lit, at)).CopyTo(lit, at);
        }
    }

    // Two opposite sides of a box, as seen, the nearer of them turned to the eye.
    private readonly struct Planes
    {
        private const float AlongTheSight = 1e-4f;

        public Planes(Vector3 axis)
        {
            Axis = axis.Z < 0 ? -axis : axis;
            Half = axis.LengthSquared();
            Normal = Vector3.Normalize(Axis);
            AreAlongTheSight = Axis.Z < AlongTheSight;
        }

        public Vector3 Axis { get; }

        public float Half { get; }

        public Vector3 Normal { get; }

        public bool AreAlongTheSight { get; }
    }
}

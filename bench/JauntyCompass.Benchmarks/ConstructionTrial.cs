using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Benchmarks;

/// <summary>
/// Arcs and bisected angles drawn with 0.5 mm of shake: how near the opening of an arc, the ray that came out, and a change of the opening
/// are recovered. It draws by itself and shares nothing with the simulated students.
/// </summary>
internal static class ConstructionTrial
{
    private const int Tried = 20_000;
    private const double Shake = 0.5;
    private const double Every = 1;

    internal static void Run(TextWriter output)
    {
        var random = new SeededRandom(2026);
        output.WriteLine($"{Shake} mm of shake, a point every {Every} mm, {Tried} of each");
        output.WriteLine("what is recovered                                     median    99 %");
        Told(
            output,
            "opening, needle known, arc of 25° to 180°, mm",
            () => Opening(random, 25, 180, Known)
        );
        Told(
            output,
            "opening, held to the vertex, arc of 25° to 180°, mm",
            () => Opening(random, 25, 180, Held)
        );
        Told(output, "opening, free arc of 90° to 200°, mm", () => Opening(random, 90, 200, Free));
        Told(output, "ray of a bisected angle, degrees", () => Ray(random));
        Timed(output, random);
        output.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"a change of 1.5 mm found: {Share(random, 1.5):P1}; of nothing claimed: {Share(random, 0):P1}"
            )
        );
        output.WriteLine("copies drawn with whole circles, arcs in any order, two arcs too many");
        foreach (double change in new[] { 0, 3.0 })
        {
            foreach (bool other in new[] { false, true })
            {
                output.WriteLine(
                    $"  second opening {change} mm off, {(other ? "joined to the other crossing" : "joined rightly")}: {Flaws(random, change, other)}"
                );
            }
        }
    }

    private static string Flaws(SeededRandom random, double change, bool other)
    {
        const int Copies = 2000;
        return string.Join(
            ", ",
            Enumerable
                .Range(0, Copies)
                .Select(_ => Copied(random, change, other).Flaw)
                .CountBy(f => f)
                .OrderByDescending(f => f.Value)
                .Select(f =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"{f.Key} {100.0 * f.Value / Copies:0.0} %"
                    )
                )
        );
    }

    // Nobody who copies thus is a simulated student: circles go all the way round, and come in any order.
    private static ConstructionReading Copied(SeededRandom random, double change, bool other)
    {
        var angle = new Angle(
            new Point(-54, -20),
            new Direction(360 * random.Share()),
            new Measure(random.Between(25, 120)),
            random.Chance(0.5) ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
            48,
            48
        );
        var ray = new BaseRay(new Point(54, -20), new Direction(360 * random.Share()), 48);
        TurnDirection opening = random.Chance(0.5)
            ? TurnDirection.Anticlockwise
            : TurnDirection.Clockwise;
        double first = 22 + 18 * random.Share();
        double second = first + (random.Chance(0.5) ? change : -change);
        double chord = angle
            .Vertex.Towards(angle.Start, first)
            .DistanceTo(angle.Vertex.Towards(angle.End, first));
        Point step = ray.Vertex.Towards(ray.Direction, second);
        // Half of the opening whose chord it is on the second circle.
        double turn = 2 * Math.Asin(Math.Min(1, chord / (2 * second))) * (180 / Math.PI);
        Direction towards = ray.Direction.Turned((other ? -1 : 1) * opening.Sign() * turn);
        List<CompassStroke> arcs =
        [
            Round(random, angle.Vertex, first),
            Round(random, ray.Vertex, second),
            Round(random, step, chord),
            // Tried beside the work.
            Round(random, angle.Vertex, first + 9),
            Round(random, new Point(0, 60), 17),
        ];
        random.Shuffle(arcs);
        var aim = ConstructionAim.Copying(angle, ray, opening);
        return ConstructionReading.Of(
            aim,
            [Line(random, ray.Vertex, ray.Vertex.Towards(towards, 70))],
            [.. arcs.Select(SeenArc.Of).OfType<SeenArc>()]
        );
    }

    private static CompassStroke Round(SeededRandom random, Point needle, double opening) =>
        new(Arc(random, needle, opening, new Direction(360 * random.Share()), 365), needle);

    // As long as the reading takes, of a clean construction of three arcs and a line, of one with a slipped opening, and of the most that
    // can be handed in.
    private static void Timed(TextWriter output, SeededRandom random)
    {
        Took(output, "reading a clean construction", 2000, () => Bisected(random, 0));
        Took(output, "reading one with a slipped opening", 2000, () => Bisected(random, 3));
        SeenArc[] arcs =
        [
            .. Enumerable
                .Range(0, 30)
                .Select(_ =>
                    SeenArc
                        .Of(
                            At(random, Anywhere(random), 20 + 40 * random.Share(), Anywhere(random))
                        )!
                        .Value
                ),
        ];
        IReadOnlyList<Point>[] strokes =
        [
            .. Enumerable
                .Range(0, 50)
                .Select(_ => Line(random, Anywhere(random), Anywhere(random))),
        ];
        var aim = ConstructionAim.Bisecting(
            new Angle(default, default, new Measure(70), default, 80, 80)
        );
        foreach (int most in new[] { 8, 10, 30 })
        {
            Took(
                output,
                $"reading {most} arcs and as many lines anywhere",
                3,
                () => ConstructionReading.Of(aim, strokes[..most], arcs[..most])
            );
        }
    }

    private static Point Anywhere(SeededRandom random) =>
        new(180 * random.Share() - 90, 160 * random.Share() - 80);

    private static void Took(TextWriter output, string what, int times, Action read)
    {
        read();
        long begin = System.Diagnostics.Stopwatch.GetTimestamp();
        for (int i = 0; i < times; i++)
        {
            read();
        }
        double each = System.Diagnostics.Stopwatch.GetElapsedTime(begin).TotalMicroseconds / times;
        output.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{what, -52} {each, 9:0} µs, drawing it included"
            )
        );
    }

    private static void Told(TextWriter output, string what, Func<double?> error)
    {
        double[] errors = [.. Enumerable.Range(0, Tried).Select(_ => error()).OfType<double>()];
        Array.Sort(errors);
        output.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{what, -52} {errors[errors.Length / 2], 7:0.000} {errors[errors.Length * 99 / 100], 7:0.000}   unread {Tried - errors.Length}"
            )
        );
    }

    private static double? Opening(
        SeededRandom random,
        double least,
        double most,
        Func<IReadOnlyList<Point>, double?> read
    )
    {
        double radius = 15 + 55 * random.Share();
        IReadOnlyList<Point> arc = Arc(
            random,
            default,
            radius,
            new Direction(360 * random.Share()),
            least + (most - least) * random.Share()
        );
        return read(arc) is double opening ? Math.Abs(opening - radius) : null;
    }

    private static double? Known(IReadOnlyList<Point> arc) =>
        SeenArc.Of(new CompassStroke(arc, default))?.Opening;

    private static double? Held(IReadOnlyList<Point> arc)
    {
        var angle = new Angle(default, default, new Measure(70), default, 80, 80);
        var aim = ConstructionAim.Bisecting(angle);
        return ConstructionReading.Of(aim, [arc], []).Arcs is [SeenArc only] ? only.Opening : null;
    }

    private static double? Free(IReadOnlyList<Point> arc) => SeenArc.Free(arc)?.Opening;

    private static double? Ray(SeededRandom random)
    {
        (ConstructionAim aim, ConstructionReading reading, Direction drawn) = Bisected(random, 0);
        return reading.Ray is { } ray && aim.Vertex == default
            ? Math.Abs(drawn.ShorterTurnTo(ray.Direction))
            : null;
    }

    private static double Share(SeededRandom random, double change) =>
        Enumerable
            .Range(0, Tried / 4)
            .Count(_ =>
                Bisected(random, change).Reading.Flaw
                    is ConstructionFlaw.OpeningChanged
                        or ConstructionFlaw.UnlikeOpenings
            ) / (Tried / 4.0);

    private static (ConstructionAim Aim, ConstructionReading Reading, Direction Drawn) Bisected(
        SeededRandom random,
        double change
    )
    {
        var angle = new Angle(
            default,
            new Direction(360 * random.Share()),
            new Measure(random.Between(30, 150)),
            TurnDirection.Anticlockwise,
            90,
            90
        );
        double first = 28 + 20 * random.Share();
        Point one = angle.Vertex.Towards(angle.Start, first);
        Point other = angle.Vertex.Towards(angle.End, first);
        double half = one.DistanceTo(other) / 2;
        double opening = half + 12 + 14 * random.Share();
        double second = opening + (random.Chance(0.5) ? change : -change);
        // Where circles of two openings meet, on the far side of the vertex.
        double along = (4 * half * half + opening * opening - second * second) / (4 * half);
        var across = Direction.Between(one, other);
        Point meeting = one.Towards(across, along)
            .Towards(
                across.Turned(90 * Sign(one, other, angle)),
                Math.Sqrt(opening * opening - along * along)
            );
        CompassStroke[] arcs =
        [
            Across(random, angle, first),
            At(random, one, opening, meeting),
            At(random, other, second, meeting),
        ];
        var drawn = Direction.Between(angle.Vertex, meeting);
        IReadOnlyList<Point> line = Line(random, angle.Vertex, angle.Vertex.Towards(drawn, 80));
        var aim = ConstructionAim.Bisecting(angle);
        return (
            aim,
            ConstructionReading.Of(aim, [line], [.. arcs.Select(SeenArc.Of).OfType<SeenArc>()]),
            drawn
        );
    }

    // To which side of the way from one to the other the vertex does not lie.
    private static int Sign(Point one, Point other, Angle angle) =>
        (other.X - one.X) * (angle.Vertex.Y - one.Y) - (other.Y - one.Y) * (angle.Vertex.X - one.X)
        > 0
            ? -1
            : 1;

    private static CompassStroke Across(SeededRandom random, Angle angle, double opening) =>
        new(
            Arc(random, angle.Vertex, opening, angle.Start.Turned(-9), angle.Measure.Degrees + 18),
            angle.Vertex
        );

    private static CompassStroke At(SeededRandom random, Point needle, double opening, Point at) =>
        new(Arc(random, needle, opening, Direction.Between(needle, at).Turned(-16), 32), needle);

    private static Point[] Arc(
        SeededRandom random,
        Point needle,
        double radius,
        Direction from,
        double sweep
    )
    {
        int steps = Math.Max(6, (int)(radius * sweep * Math.PI / 180 / Every));
        return
        [
            .. Enumerable
                .Range(0, steps + 1)
                .Select(i =>
                    Shaken(random, needle.Towards(from.Turned(sweep * i / steps), radius))
                ),
        ];
    }

    private static Point[] Line(SeededRandom random, Point from, Point to)
    {
        int steps = (int)(from.DistanceTo(to) / Every);
        var direction = Direction.Between(from, to);
        return
        [
            .. Enumerable
                .Range(0, steps + 1)
                .Select(i => Shaken(random, from.Towards(direction, i * Every))),
        ];
    }

    private static Point Shaken(SeededRandom random, Point at) =>
        new(at.X + random.Normal(Shake), at.Y + random.Normal(Shake));
}

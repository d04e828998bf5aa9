using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Benchmarks;

/// <summary>Marks rays of 60 mm drawn with 0.5 mm of shake, and holds the marked angle against the one that was meant.</summary>
internal static class DrawingTrial
{
    private const int Drawings = 20_000;
    private const double Length = 60;
    private const double Shake = 0.5;
    private const int Points = 60;

    internal static void Run(TextWriter output)
    {
        output.WriteLine(
            $"Marked angle against the true one; {Length} mm, {Shake} mm of shake, {Points} points, {Drawings} drawings; wanted: median under 0.2, 99 % under 0.6"
        );
        output.WriteLine("how it was drawn                          median    99 %   unread");
        Told(output, "one stroke, every point shakes alone", Free, own: false);
        Told(output, "from the far end, in two strokes", TwoStrokes, own: false);
        Told(output, "with its own base ray, as shaky", Free, own: true);
        Told(output, "a slow tremor that lasts over 10 mm", Tremor, own: false);
    }

    private static void Told(
        TextWriter output,
        string name,
        Func<Point, Point, SeededRandom, IEnumerable<Stroke>> draw,
        bool own
    )
    {
        var random = new SeededRandom(2026);
        var errors = new List<double>(Drawings);
        ExerciseKind kind = ExerciseKinds.Find("draw")!;
        for (int i = 0; i < Drawings; i++)
        {
            var asked = new Angle(
                default,
                new Direction(360 * random.Share()),
                new Measure(random.Between(12, 168)),
                TurnDirection.Anticlockwise,
                Length,
                Length
            );
            var item = new DrawItem(
                Text.Kinds.OwnPrompt("Measure."),
                InstrumentCatalogue.DeskHalfCircle,
                asked.Measure,
                own ? null : new BaseRay(asked.Vertex, asked.Start, 90),
                asked.Opening,
                new AngleNames("K", "L", "M")
            );
            IEnumerable<Stroke> baseRay = own ? draw(asked.Vertex, asked.StartArm.Tip, random) : [];
            Mark mark = kind.Mark(
                item,
                new DrawResponse(
                    [.. baseRay, .. draw(asked.Vertex, asked.EndArm.Tip, random)],
                    [],
                    null
                ),
                MarkingRules.Usual
            );
            if (mark.Error is double error)
            {
                errors.Add(Math.Abs(error));
            }
        }
        errors.Sort();
        output.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{name, -40}  {errors[errors.Count / 2], 6:0.000}  {errors[errors.Count * 99 / 100], 6:0.000}  {Drawings - errors.Count, 6}"
            )
        );
    }

    private static IEnumerable<Stroke> Free(Point from, Point to, SeededRandom random) =>
        [Line(from, to, Points, () => new Point(random.Normal(Shake), random.Normal(Shake)))];

    private static IEnumerable<Stroke> TwoStrokes(Point from, Point to, SeededRandom random)
    {
        Direction along = Direction.Between(from, to);
        Point lifted = from.Towards(along, Length * (0.4 + 0.3 * random.Share()));
        return
        [
            .. Free(to, lifted, random)
                .Select(s => new Stroke([.. s.Points.Where((_, i) => i % 2 == 0)])),
            .. Free(lifted, from, random)
                .Select(s => new Stroke([.. s.Points.Where((_, i) => i % 2 == 1)])),
        ];
    }

    // Each point strays from where the one before it strayed; after 10 mm little of it is left.
    private static IEnumerable<Stroke> Tremor(Point from, Point to, SeededRandom random)
    {
        double keep = Math.Exp(-Length / Points / 10);
        double fresh = Shake * Math.Sqrt(1 - keep * keep);
        double x = random.Normal(Shake);
        double y = random.Normal(Shake);
        return
        [
            Line(
                from,
                to,
                Points,
                () =>
                {
                    x = keep * x + random.Normal(fresh);
                    y = keep * y + random.Normal(fresh);
                    return new Point(x, y);
                }
            ),
        ];
    }

    private static Stroke Line(Point from, Point to, int points, Func<Point> shake) =>
        new([
            .. Enumerable
                .Range(0, points)
                .Select(i =>
                {
                    double share = (double)i / (points - 1);
                    Point off = shake();
                    return new Point(
                        from.X + share * (to.X - from.X) + off.X,
                        from.Y + share * (to.Y - from.Y) + off.Y
                    );
                }),
        ]);
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Triangles;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Exercises.TwoTriangles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.TrianglesDrawn;

/// <summary>Draw two triangles with two equal angles on bases of unlike length, measure their sides, and compare the ratios.</summary>
public sealed class DrawTrianglesKind()
    : ExerciseKind<DrawTrianglesItem, DrawTrianglesResponse>(
        new KindFacts(
            "draw-triangles",
            Text.Kinds.Facts.DrawTriangles.Title,
            Text.Kinds.Facts.DrawTriangles.Summary,
            [.. OfTheAngles, .. MistakeCatalogue.OfTriangles.Where(m => m is not ThirdAngle)]
        )
        {
            Difficulty = 6,
            LeastMeasure = 32,
            MostMeasure = 74,
        }
    )
{
    // An arm ends where it meets the other one, and two angles at each base tell themselves which opening is meant.
    private static readonly IReadOnlyList<InstrumentMistake> OfTheAngles =
    [
        .. MistakeCatalogue.Reading.Where(m => m is not StartNotSubtracted),
        MistakeCatalogue.Get<OpensWrongWay>(),
        MistakeCatalogue.Get<FreehandLine>(),
        MistakeCatalogue.Get<GapAtVertex>(),
        MistakeCatalogue.Get<MissedOwnDot>(),
    ];

    // In degrees and mm: so that the arms meet on the sheet, and sides of one triangle are told apart.
    private const int LeastThird = 40;
    private const int Apart = 6;

    // In mm: how far the bases lie below the middle of the sheet, and from each other.
    private const double Below = 55;
    private const double Gap = 30;
    private static readonly double[] Factors = [1.25, 1.4, 1.5, 1.6, 0.8, 0.7];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        int left = (int)plan.Angle.Measure.Degrees;
        int right;
        do
        {
            right = plan.Own.Between(34, Math.Min(84, 180 - LeastThird - left));
        } while (
            Math.Abs(left - right) < Apart
            || Math.Abs(180 - left - right - left) < Apart
            || Math.Abs(180 - left - right - right) < Apart
        );
        double factor = Factors[plan.Own.Below(Factors.Length)];
        double first = factor > 1 ? plan.Own.Between(42, 54) : plan.Own.Between(62, 76);
        double second = Math.Round(first * factor);
        return new DrawTrianglesItem(
            Text.Kinds.DrawTriangles.Prompt(left, right),
            plan.Instrument,
            Ruler.School,
            left,
            right,
            Base(-(first + second + Gap) / 2, first),
            Base((first + Gap - second) / 2, second)
        );
    }

    private static TriangleBase Base(double at, double length) =>
        new(new Point(at, -Below), default, length, TurnDirection.Anticlockwise);

    private static readonly int[] Bases = [0];

    private static RatioWork Ratios(
        DrawTrianglesItem item,
        TrianglePair pair,
        DrawTrianglesResponse? response
    ) => new(pair, item.Ruler, response) { Told = Bases };

    /// <inheritdoc/>
    protected override ItemView Present(DrawTrianglesItem item, HouseRules rules)
    {
        Ask[] asks = [.. Ratios(item, item.Pair, null).Asks()];
        return new(
            Key,
            item.Prompt,
            Sheet(item),
            ItemView.WindowFor(item.Instrument),
            // The sides are measured in what is drawn, which is then kept.
            [CommonAsks.Drawing, asks[0] with { Afterwards = true }, .. asks[1..]]
        )
        {
            InHand = item.Instrument,
            Ruler = item.Ruler,
        };
    }

    // The bases, with the letters at their ends and their lengths.
    private static SheetState Sheet(DrawTrianglesItem item)
    {
        SheetState bases = TriangleSheet.Bases(item.Pair);
        return bases with
        {
            Notes =
            [
                .. bases.Notes,
                Told("base-1", item.Pair.First),
                Told("base-2", item.Pair.Second),
            ],
        };

        static Written Told(string id, Triangle triangle) =>
            new(
                id,
                Text.Units.Distance(triangle.Side(0)),
                new Point(
                    (triangle.Corners[0].X + triangle.Corners[1].X) / 2,
                    triangle.Corners[0].Y - 9
                )
            );
    }

    /// <inheritdoc/>
    protected override ToldSheet Tell(DrawTrianglesItem item, ItemView view) =>
        new(
            [
                Text.Heard.FromMiddle,
                .. Ends(item.Pair.First, second: false),
                .. Ends(item.Pair.Second, second: true),
                Text.Heard.BaseLength(TrianglePair.SideName(false, 0), item.FirstBase.Length),
                Text.Heard.BaseLength(TrianglePair.SideName(true, 0), item.SecondBase.Length),
            ],
            [],
            [
                .. DrawnTriangles.Corners.Select(corner => new ToldPlace(
                    item.Asked(corner.Second, corner.Right).Vertex,
                    [
                        new ToldRay(
                            Text.Heard.Arm(DrawnTriangles.BaseFrom(corner)),
                            item.Asked(corner.Second, corner.Right).StartArm.Tip
                        ),
                    ]
                )
                {
                    Name = Text.Units.AsWritten(
                        TrianglePair.Letter(corner.Second, corner.Right ? 1 : 0)
                    ),
                }),
            ]
        );

    private static IEnumerable<Message> Ends(Triangle triangle, bool second) =>
        triangle
            .Corners.Take(2)
            .Select(
                (p, i) =>
                    Text.Heard.TriangleCorner(TrianglePair.Letter(second, i), ToldAngles.Place(p))
            );

    /// <inheritdoc/>
    protected override WorkedExample Work(DrawTrianglesItem item, HouseRules rules) =>
        DrawSimilarTriangles.Example(item.Pair, item.Instrument, item.Ruler, rules);

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        DrawTrianglesItem item,
        DrawTrianglesResponse? response
    )
    {
        var drawn = new DrawnTriangles(item, response);
        return
        [
            .. DrawnTriangles.Corners.Select(corner => new DrawingStep(
                Text.Kinds.FigureAngles.Ask(
                    TrianglePair.Letter(corner.Second, corner.Right ? 1 : 0)
                ),
                drawn.ContextAt(corner),
                drawn.At(corner),
                OfTheAngles,
                DrawnTriangles.KeyOf(corner)
            )
            {
                Missing = NoRay,
            }),
            .. Ratios(item, drawn.Pair ?? item.Pair, response).Steps(),
        ];
    }

    private static Judgement NoRay(MarkingRules rules) =>
        Judge.Unfinished(rules, Text.Marks.Drawing.NoSecondRay, Text.Marks.Drawing.DrawSecondRay);

    /// <inheritdoc/>
    protected override DrawTrianglesResponse Attempt(DrawTrianglesItem item, Attempt attempt)
    {
        var strokes = new List<Stroke>();
        var dots = new List<Point>();
        foreach ((bool second, bool right) in DrawnTriangles.Corners)
        {
            var work = DrawnWork.Of(attempt, item.Asked(second, right), item.Instrument);
            strokes.AddRange(work.Smear);
            strokes.AddRange(work.SecondRay(attempt));
            dots.AddRange(work.Dots);
        }
        var drawing = new DrawTrianglesResponse(strokes, dots, null, null);
        TrianglePair pair = new DrawnTriangles(item, drawing).Pair ?? item.Pair;
        RatioWork ratios = Ratios(item, pair, null);
        SimulatedSides sides = ratios.Attempt(attempt);
        (string similar, string reason) = ratios.Decide(attempt);
        return drawing with
        {
            Bc = sides.First[1],
            Ca = sides.First[2],
            Qr = sides.Second[1],
            Rp = sides.Second[2],
            RatioAb = sides.Ratios[0],
            RatioBc = sides.Ratios[1],
            RatioCa = sides.Ratios[2],
            Similar = similar,
            Reason = reason,
        };
    }
}

using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.TwoTriangles;

/// <summary>
/// Sides that are measured, ratios that are worked out of them, and whether the triangles are similar. Each is judged by what stands before
/// it: who reads a length wrongly and goes on rightly has made one mistake.
/// </summary>
/// <param name="pair">The triangles as they are.</param>
/// <param name="ruler">The ruler.</param>
/// <param name="given">What was answered; null while nothing is.</param>
internal sealed class RatioWork(TrianglePair pair, Ruler ruler, IMeasuredSides? given)
{
    // How far hands and eyes stray with a ruler, in mm, and with it ratios, as a share. Common practice, no source.
    private const double LengthSpread = 0.6;
    private const double RatioSpread = 0.02;
    private const double LongestRead = 150;
    private const double LargestRatio = 4;

    // Of a ratio one decimal is written at least.
    private const double CoarsestRounding = 0.05;

    /// <summary>Sides whose length is told, and need not be measured.</summary>
    public IReadOnlyList<int> Told { get; init; } = [];

    private Triangle Of(bool second) => second ? pair.Second : pair.First;

    private static readonly bool[] Both = [false, true];

    private IEnumerable<(bool Second, int Side)> Measured =>
        from second in Both
        from side in Sides
        where !Told.Contains(side)
        select (second, side);

    private static IEnumerable<int> Sides => Enumerable.Range(0, Triangle.Count);

    /// <summary>What is asked, in order.</summary>
    internal IEnumerable<Ask> Asks() =>
        [
            .. Measured.Select(m => new Ask(
                MeasuredSides.Field(m.Second, m.Side),
                AskType.Length,
                Text.Kinds.TwoTriangles.AskLength(TrianglePair.SideName(m.Second, m.Side))
            )
            {
                Most = 400,
            }),
            .. Sides.Select(side => new Ask(
                MeasuredSides.RatioField(side),
                AskType.ExactNumber,
                Text.Kinds.TwoTriangles.AskRatio(TrianglePair.SideName(second: false, side))
            )),
            CommonAsks.Choice(
                "similar",
                Text.Kinds.TwoTriangles.AskSimilar,
                Conclusion.Decisions()
            ),
            CommonAsks.Choice("reason", Text.Kinds.TwoTriangles.AskReason, Conclusion.Reasons()),
        ];

    /// <summary>The steps, with what was answered to them.</summary>
    internal IEnumerable<AnsweredStep> Steps() =>
        [
            .. Measured.Select(m => Length(m.Second, m.Side)),
            .. Sides.Select(Ratio),
            new ChoiceStep(
                "similar",
                Text.Kinds.Steps.Similar,
                Conclusion.Decisions(),
                given?.Similar,
                Text.Kinds.TwoTriangles.SimilarRight,
                Text.Kinds.TwoTriangles.SimilarLook
            ),
            new ChoiceStep(
                "reason",
                Text.Kinds.Steps.Reason,
                Conclusion.Reasons(),
                given?.Reason,
                Text.Kinds.TwoTriangles.ReasonRight,
                Text.Kinds.TwoTriangles.ReasonLook
            ),
        ];

    private RulerStep<Length> Length(bool second, int side)
    {
        double truth = Of(second).Side(side);
        return new(
            MeasuredSides.Field(second, side),
            Text.Kinds.Steps.Side(TrianglePair.SideName(second, side)),
            truth,
            given?.Length(second, side),
            new RulerTolerance(
                truth - Answers.Length.Good,
                truth + Answers.Length.Good,
                LengthSpread,
                LongestRead
            ),
            number => new Length(number),
            [
                .. ruler.Inset > 0
                    ? [Lead<FromRulersEdge>(ruler.FromItsEnd(truth))]
                    : (NumberLead[])[],
                Lead<UnitsMixed>(truth / 10),
            ],
            Text.Kinds.TwoTriangles.LengthRight,
            Text.Kinds.TwoTriangles.LengthLook
        )
        {
            Weight = 0.5,
        };
    }

    private RulerStep<Ratio> Ratio(int side)
    {
        int other = pair.Corresponding(side);
        (double length, double larger) = (Own(false, side), Own(true, other));
        double truth = larger / length;
        var range = RatioRange.Of(larger, length);
        Parsed<WrittenNumber>? read = given?.Ratio(side) is string typed
            ? AlgebraReader.Number(typed)
            : null;
        double rounding = Math.Min(
            CoarsestRounding,
            0.5 * Math.Pow(10, -(read?.Value?.Decimals ?? 2))
        );
        return new(
            MeasuredSides.RatioField(side),
            Text.Kinds.Steps.RatioOf(TrianglePair.SideName(second: false, side)),
            truth,
            read?.Value is WrittenNumber written ? (double)written.Value : null,
            new RulerTolerance(
                range.Least - rounding,
                range.Most + rounding,
                RatioSpread * truth,
                LargestRatio
            ),
            number => new Ratio(number),
            [
                .. Apart<RatioUpsideDown>([1 / truth], range),
                .. Apart<SidesOutOfOrder>(
                    [.. OtherSides(side, other).Select(wrong => Own(true, wrong) / length)],
                    range
                ),
            ],
            Text.Kinds.TwoTriangles.RatioRight(range.Written.Least, range.Written.Most),
            Text.Kinds.TwoTriangles.RatioLook
        )
        {
            Weight = 0.5,
            Missing = read?.Problem?.Text ?? Text.Marks.Number.Missing,
        };
    }

    // By the order of the letters; where that is right, either other one.
    private static IEnumerable<int> OtherSides(int side, int corresponding) =>
        side != corresponding ? [side] : Sides.Where(s => s != corresponding);

    private static IEnumerable<NumberLead> Apart<TMistake>(double[] numbers, RatioRange range)
        where TMistake : ChoiceMistake
    {
        double[] apart = [.. numbers.Where(n => !range.Contains(n, RatioSpread))];
        return apart.Length > 0
            ? [new NumberLead(MistakeInContext.Of<TMistake>(), apart)]
            : (NumberLead[])[];
    }

    private static NumberLead Lead<TMistake>(double number)
        where TMistake : ChoiceMistake => new(MistakeInContext.Of<TMistake>(), [number]);

    // The student's own length, with which they go on; no ruler shows less than a millimetre.
    private double Own(bool second, int side) =>
        Told.Contains(side) ? Of(second).Side(side)
        : given?.Length(second, side) is double own ? Math.Max(1, own)
        : Of(second).Side(side);

    private RatioConclusion Conclusion => new(pair, Own);

    /// <summary>Measures and decides as a simulated student does.</summary>
    internal SimulatedSides Attempt(Attempt attempt)
    {
        var lengths = new double[2, Triangle.Count];
        foreach (bool second in Both)
        {
            foreach (int side in Sides)
            {
                lengths[second ? 1 : 0, side] = Told.Contains(side)
                    ? Of(second).Side(side)
                    : attempt.ReadLength(Of(second).Side(side), ruler, second);
            }
        }
        int turned = attempt.Shows<RatioUpsideDown>() ? attempt.Which(Triangle.Count) : -1;
        string[] ratios =
        [
            .. Sides.Select(side =>
            {
                int other = pair.Corresponding(side);
                if (attempt.Shows<SidesOutOfOrder>())
                {
                    int[] wrong = [.. OtherSides(side, other)];
                    other = wrong[attempt.Which(wrong.Length)];
                }
                double ratio = lengths[1, other] / lengths[0, side];
                ratio = side == turned ? 1 / ratio : ratio;
                return Math.Round(ratio, 2)
                    .ToString(System.Globalization.CultureInfo.InvariantCulture);
            }),
        ];
        return new SimulatedSides(
            [.. Sides.Select(side => lengths[0, side])],
            [.. Sides.Select(side => lengths[1, side])],
            ratios
        );
    }

    /// <summary>Says whether they are similar, and why, as a simulated student does after having measured.</summary>
    internal (string Similar, string Reason) Decide(Attempt attempt)
    {
        string similar = attempt.Choose(Conclusion.Decisions());
        return (similar, attempt.Choose(Conclusion.Reasons()));
    }
}

/// <summary>Lengths and ratios of a simulated student.</summary>
/// <param name="First">Sides of the first triangle, in mm.</param>
/// <param name="Second">Sides of the second triangle, in mm.</param>
/// <param name="Ratios">The ratios, as they are typed.</param>
internal sealed record SimulatedSides(
    IReadOnlyList<double> First,
    IReadOnlyList<double> Second,
    IReadOnlyList<string> Ratios
);

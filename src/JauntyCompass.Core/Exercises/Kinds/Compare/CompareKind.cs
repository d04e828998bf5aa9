using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Compare;

/// <summary>Compare two angles whose arms are of unlike lengths.</summary>
public sealed class CompareKind()
    : ExerciseKind<CompareItem, CompareResponse>(
        new KindFacts(
            "compare",
            Text.Kinds.Facts.Compare.Title,
            Text.Kinds.Facts.Compare.Summary,
            [MistakeCatalogue.Get<LongerArms>()]
        )
        {
            Varieties = Others.Length,
            Difficulty = 1,
            LeastMeasure = 20,
            MostMeasure = 160,
        }
    )
{
    private const double ShortArm = 24;
    private const double LongArm = 51;

    // Angles nearer to each other than this, in degrees, no eye can compare. Common practice, no source.
    private const int LeastApart = 12;

    // The other angle is alike, larger or smaller.
    private static readonly int[] Others = [1, -1, 0, -1, 1];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        double measure = plan.Angle.Measure.Degrees;
        double other = plan.InTurn(Others) switch
        {
            0 => measure,
            > 0 => measure + plan.Own.Between(LeastApart, LeastApart + 10),
            _ => measure - plan.Own.Between(LeastApart, LeastApart + 6),
        };
        // The larger one gets the shorter arms; of two alike either does.
        bool firstLong = other == measure ? plan.Random.Chance(0.5) : other > measure;
        int turn = plan.Own.Between(-25, 25);
        return new CompareItem(
            Text.Kinds.Compare.Prompt,
            At(new Point(-56, -22), measure, plan.Angle.Opening, firstLong, 0),
            At(new Point(56, -22), Math.Clamp(other, 5, 175), plan.Angle.Opening, !firstLong, turn)
        );
    }

    private static Angle At(
        Point vertex,
        double measure,
        TurnDirection opening,
        bool isLong,
        int turn
    )
    {
        double length = isLong ? LongArm : ShortArm;
        Direction start = new Direction(opening == TurnDirection.Anticlockwise ? 0 : 180).Turned(
            turn
        );
        return new Angle(vertex, start, new Measure(measure), opening, length, length);
    }

    /// <inheritdoc/>
    protected override ItemView Present(CompareItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            new SheetState
            {
                Figures = [new Figure("first", item.First), new Figure("second", item.Second)],
                Notes =
                [
                    new Written(
                        "a",
                        Text.Units.AsWritten("A"),
                        new Point(item.First.Vertex.X, item.First.Vertex.Y - 14)
                    ),
                    new Written(
                        "b",
                        Text.Units.AsWritten("B"),
                        new Point(item.Second.Vertex.X, item.Second.Vertex.Y - 14)
                    ),
                ],
            },
            ItemView.UsualWindow,
            [CommonAsks.Choice("larger", Text.Kinds.Compare.Ask, Options(item))]
        );

    /// <inheritdoc/>
    protected override ToldSheet Tell(CompareItem item, ItemView view) =>
        new(
            [
                Text.Heard.FromMiddle,
                ToldAngles.Unit,
                .. ToldAngles.Called(Text.Heard.Lettered("A"), item.First),
                .. ToldAngles.Called(Text.Heard.Lettered("B"), item.Second),
                // Angles that open alike to the half hour are told apart as tracing paper tells them.
                Text.Heard.LaidOver(OverlapOf(item)),
            ],
            [],
            []
        );

    // How the first angle lies on the second. Nearer than a degree they are taken for equal.
    private static Overlap OverlapOf(CompareItem item) =>
        (item.First.Measure.Degrees - item.Second.Measure.Degrees) switch
        {
            <= -1 => Overlap.Inside,
            < 1 => Overlap.Exact,
            _ => Overlap.Outside,
        };

    private enum Overlap
    {
        Inside,
        Outside,
        Exact,
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(CompareItem item, HouseRules rules) =>
        new(
            "explained-longer-arms",
            new DemonstrationTask(
                item.First,
                InstrumentCatalogue.DeskHalfCircle,
                new AngleNames("K", "L", "M"),
                rules
            )
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        CompareItem item,
        CompareResponse? response
    ) =>
        [
            new ChoiceStep(
                "larger",
                Text.Kinds.Steps.Compared,
                Options(item),
                response?.Larger,
                Text.Kinds.Compare.Right,
                Text.Kinds.Compare.Look
            ),
        ];

    /// <inheritdoc/>
    protected override CompareResponse Attempt(CompareItem item, Attempt attempt) =>
        new(attempt.Choose(Options(item)));

    private static IReadOnlyList<Option> Options(CompareItem item)
    {
        string right = OverlapOf(item) switch
        {
            Overlap.Exact => "equal",
            Overlap.Outside => "first",
            _ => "second",
        };
        string longer = item.First.StartLength > item.Second.StartLength ? "first" : "second";
        return
        [
            Of("first", Text.Units.AsWritten("A")),
            Of("second", Text.Units.AsWritten("B")),
            Of("equal", Text.Kinds.Compare.Equal),
        ];

        Option Of(string key, Message text) =>
            new(key, text, key == right)
            {
                Causes = key == longer && key != right ? [MistakeInContext.Of<LongerArms>()] : [],
            };
    }
}

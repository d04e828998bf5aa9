using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Triangles;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Exercises.TwoTriangles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Similar;

/// <summary>Two triangles, two angles given in each: find the third ones, and say whether the triangles are similar and why.</summary>
public sealed class SimilarKind()
    : ExerciseKind<SimilarItem, SimilarResponse>(
        new KindFacts(
            "similar",
            Text.Kinds.Facts.Similar.Title,
            Text.Kinds.Facts.Similar.Summary,
            [
                MistakeCatalogue.Get<ThirdAngle>(),
                MistakeCatalogue.Get<LooksSimilar>(),
                MistakeCatalogue.Get<SidesOutOfOrder>(),
            ]
        )
        {
            Difficulty = 4,
            IsMeasured = false,
            Varieties = SimilarProposal.Shapes.Count,
            LeastMeasure = 60,
            MostMeasure = 79,
        }
    )
{
    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan) =>
        SimilarProposal.Make(plan.InTurn(SimilarProposal.Shapes), plan.Own);

    /// <inheritdoc/>
    protected override ItemView Present(SimilarItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            Sheet(item),
            TriangleSheet.WindowFor(item.Pair, ItemView.UsualWindow),
            [
                new Ask("third", AskType.Degrees, AskThird(item, second: false)),
                new Ask("otherThird", AskType.Degrees, AskThird(item, second: true)),
                CommonAsks.Choice(
                    "similar",
                    Text.Kinds.TwoTriangles.AskSimilar,
                    Decisions(item, null)
                ),
                CommonAsks.Choice("reason", Text.Kinds.TwoTriangles.AskReason, Reasons(item, null)),
                CommonAsks.Choice(
                    "match",
                    Text.Kinds.Similar.AskMatch(TrianglePair.SideName(second: false, item.Side)),
                    Matches(item, null)
                ),
            ]
        );

    private static SheetState Sheet(SimilarItem item)
    {
        SheetState sheet = TriangleSheet.Of(item.Pair);
        return sheet with
        {
            Notes =
            [
                .. sheet.Notes,
                .. Measures(item.First, second: false),
                .. Measures(item.Second, second: true),
            ],
        };
    }

    private static IEnumerable<Written> Measures(WrittenTriangle triangle, bool second) =>
        triangle
            .Angles.Select((measure, corner) => (measure, corner))
            .Where(m => m.corner != triangle.Hidden)
            .Select(m =>
                TriangleSheet.InCorner(
                    TriangleSheet.Id("measure", second, m.corner),
                    triangle.Triangle,
                    m.corner,
                    Text.Units.Degrees(m.measure)
                )
            );

    private static Message AskThird(SimilarItem item, bool second) =>
        Text.Kinds.FigureAngles.Ask(
            TrianglePair.Letter(second, (second ? item.Second : item.First).Hidden)
        );

    /// <inheritdoc/>
    protected override ToldSheet Tell(SimilarItem item, ItemView view) =>
        TriangleTelling.Of(
            item.Pair,
            [.. ToldMeasures(item.First, second: false), .. ToldMeasures(item.Second, second: true)]
        );

    private static IEnumerable<Message> ToldMeasures(WrittenTriangle triangle, bool second) =>
        triangle
            .Angles.Select((measure, corner) => (measure, corner))
            .Where(m => m.corner != triangle.Hidden)
            .Select(m => Text.Heard.WrittenAt(TrianglePair.Letter(second, m.corner), m.measure));

    /// <inheritdoc/>
    protected override WorkedExample Work(SimilarItem item, HouseRules rules) =>
        SimilarByAngles.Example(
            item.Pair,
            new AnglesOfTwo(
                item.First.Angles,
                item.First.Hidden,
                item.Second.Angles,
                item.Second.Hidden
            ),
            rules
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        SimilarItem item,
        SimilarResponse? response
    ) =>
        [
            Third("third", item.First, response?.Third, AskThird(item, second: false)),
            Third("otherThird", item.Second, response?.OtherThird, AskThird(item, second: true)),
            new ChoiceStep(
                "similar",
                Text.Kinds.Steps.Similar,
                Decisions(item, response),
                response?.Similar,
                Text.Kinds.TwoTriangles.SimilarRight,
                Text.Kinds.Similar.Look
            ),
            new ChoiceStep(
                "reason",
                Text.Kinds.Steps.Reason,
                Reasons(item, response),
                response?.Reason,
                Text.Kinds.TwoTriangles.ReasonRight,
                Text.Kinds.Similar.Look
            ),
            new ChoiceStep(
                "match",
                Text.Kinds.Steps.Matched,
                Matches(item, response),
                response?.Match,
                Text.Kinds.Similar.MatchRight,
                Text.Kinds.Similar.MatchLook
            ),
        ];

    private static NumberStep<ExactDegrees> Third(
        string key,
        WrittenTriangle triangle,
        double? given,
        Message title
    ) =>
        new(
            key,
            title,
            ExactDegrees.Typed(triangle.Angles[triangle.Hidden]),
            given is double degrees ? ExactDegrees.Typed(degrees) : null,
            WrongThird(triangle),
            Text.Kinds.Similar.ThirdRight,
            Text.Kinds.Similar.ThirdLook(180)
        );

    // The sum itself, or what is left of a right angle or of a turn.
    private static IReadOnlyList<Lead<ExactDegrees>> WrongThird(WrittenTriangle triangle)
    {
        int sum = triangle.Shown.Sum();
        int right = triangle.Angles[triangle.Hidden];
        return
        [
            new Lead<ExactDegrees>(
                MistakeInContext.Of<ThirdAngle>(),
                [
                    .. new[] { sum, 360 - sum, 90 - sum }
                        .Where(wrong => wrong > 0 && wrong != right)
                        .Select(wrong => ExactDegrees.Typed(wrong)),
                ]
            ),
        ];
    }

    // What follows from the student's own third angles follows rightly, too.
    private static bool FollowsSimilar(SimilarItem item, SimilarResponse? response)
    {
        double[] first = Own(item.First, response?.Third);
        double[] second = Own(item.Second, response?.OtherThird);
        return first.Intersect(second).Count() >= 2;

        static double[] Own(WrittenTriangle triangle, double? third) =>
            [.. triangle.Shown.Select(a => (double)a), third ?? triangle.Angles[triangle.Hidden]];
    }

    private static IReadOnlyList<Option> Decisions(SimilarItem item, SimilarResponse? response)
    {
        bool follows = FollowsSimilar(item, response);
        return
        [
            Decided("yes", Text.Units.Yes, similar: true),
            Decided("no", Text.Units.No, similar: false),
        ];

        Option Decided(string key, Message text, bool similar) =>
            new(key, text, similar == item.AreSimilar || similar == follows)
            {
                Causes =
                    similar != item.AreSimilar && similar == item.Pair.LookAsLarge
                        ? [MistakeInContext.Of<LooksSimilar>()]
                        : [],
            };
    }

    private static IReadOnlyList<Option> Reasons(SimilarItem item, SimilarResponse? response)
    {
        bool follows = FollowsSimilar(item, response);
        string right =
            item.EqualShown == 2 ? "given"
            : item.AreSimilar ? "third"
            : item.EqualAngles == 1 ? "one"
            : "none";
        return
        [
            Because("given", Text.Kinds.Similar.BecauseGiven),
            Because("third", Text.Kinds.Similar.BecauseThird),
            Because("one", Text.Kinds.Similar.BecauseOne),
            Because("none", Text.Kinds.Similar.BecauseNone),
            new Option("looks", Text.Kinds.TwoTriangles.BecauseLooks)
            {
                Causes = [MistakeInContext.Of<LooksSimilar>()],
            },
        ];

        // Who got a third angle wrong concludes rightly from what they have.
        Option Because(string key, Message text) =>
            new(
                key,
                text,
                key == right
                    || (
                        follows != item.AreSimilar
                        && key is not "given"
                        && key == "third" == follows
                    )
            );
    }

    private static IReadOnlyList<Option> Matches(SimilarItem item, SimilarResponse? response)
    {
        bool follows = FollowsSimilar(item, response);
        return
        [
            .. Enumerable
                .Range(0, Triangle.Count)
                .Select(side => new Option(
                    MeasuredSides.Field(second: true, side),
                    Text.Units.AsWritten(TrianglePair.SideName(second: true, side)),
                    side == item.Corresponding || (follows && !item.AreSimilar)
                )
                {
                    Causes =
                        side == item.Side && item.AreSimilar && side != item.Corresponding
                            ? [MistakeInContext.Of<SidesOutOfOrder>()]
                            : [],
                }),
            new Option("none", Text.Kinds.Similar.MatchNone, !item.AreSimilar || !follows),
        ];
    }

    /// <inheritdoc/>
    protected override SimilarResponse Attempt(SimilarItem item, Attempt attempt)
    {
        double third = Find(item.First);
        double other = Find(item.Second);
        var sofar = new SimilarResponse(third, other);
        return sofar with
        {
            Similar = attempt.Choose(Decisions(item, sofar)),
            Reason = attempt.Choose(Reasons(item, sofar)),
            Match = attempt.Choose(Matches(item, sofar)),
        };

        double Find(WrittenTriangle triangle) =>
            attempt.Led(WrongThird(triangle))?.Degrees ?? triangle.Angles[triangle.Hidden];
    }
}

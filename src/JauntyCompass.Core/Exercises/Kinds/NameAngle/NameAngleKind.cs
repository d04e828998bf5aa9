using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.NameAngle;

/// <summary>Say whether a name is allowed, and name the angle.</summary>
public sealed class NameAngleKind()
    : ExerciseKind<NameAngleItem, NameAngleResponse>(
        new KindFacts(
            "name",
            Text.Kinds.Facts.Name.Title,
            Text.Kinds.Facts.Name.Summary,
            [.. MistakeCatalogue.OfNaming, MistakeCatalogue.Get<NameOneWayOnly>()]
        )
        {
            Difficulty = 1,
            IsMeasured = false,
            Varieties = Proposals,
            LeastMeasure = 25,
            MostMeasure = 110,
        }
    )
{
    private const int Proposals = 6;
    private const double RayLength = 70;
    private const double ThirdRayBeyond = 40;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        (string vertex, string start, string end) = (
            plan.Names.Vertex,
            plan.Names.Start,
            plan.Names.End
        );
        Direction first = new Direction(plan.Own.Between(-20, 60));
        double measure = plan.Angle.Measure.Degrees;
        List<NamedRay> rays =
        [
            new NamedRay(start, first),
            new NamedRay(end, first.Turned(measure)),
        ];
        bool crowded = plan.Random.Chance(0.6);
        string free = plan.Names.FreeLetter;
        if (crowded)
        {
            rays.Add(new NamedRay(free, first.Turned(measure + ThirdRayBeyond)));
        }
        string[] proposals =
        [
            $"∠{start}{vertex}{end}",
            $"∠{end}{vertex}{start}",
            $"∠{vertex}",
            $"∠{vertex}{start}{end}",
            $"∠{start}{vertex}",
            crowded ? $"∠{end}{vertex}{free}" : $"∠{start}{end}{vertex}",
        ];
        string proposed = plan.InTurn(proposals);
        return new NameAngleItem(
            Text.Kinds.Name.Prompt(proposed),
            vertex,
            rays,
            start,
            end,
            proposed
        );
    }

    /// <inheritdoc/>
    protected override ItemView Present(NameAngleItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            Sheet(item),
            ItemView.UsualWindow,
            [
                new Ask("allowed", AskType.Choice, Text.Kinds.Name.AskAllowed(item.Proposed))
                {
                    Options = CommonAsks.YesOrNo,
                },
                new Ask("name", AskType.Text, Text.Kinds.Name.AskName),
            ]
        );

    private static SheetState Sheet(NameAngleItem item)
    {
        Angle angle = AngleOf(item);
        var vertex = angle.Vertex;
        IEnumerable<NamedRay> others = item.Rays.Where(r =>
            r.Letter != item.Start && r.Letter != item.End
        );
        return new SheetState
        {
            Figures =
            [
                new Figure("angle", angle)
                {
                    Names = new AngleNames(item.Vertex, item.Start, item.End),
                },
            ],
            Lines =
            [
                .. others.Select(r => new DrawnLine(
                    $"ray-{r.Letter}",
                    vertex,
                    vertex.Towards(r.Direction, RayLength),
                    Arrow: true
                )),
            ],
            Notes =
            [
                .. others.Select(r => new Written(
                    $"letter-{r.Letter}",
                    Text.Units.AsWritten(r.Letter),
                    vertex.Towards(r.Direction, RayLength + 6)
                )),
            ],
        };
    }

    private static Angle AngleOf(NameAngleItem item)
    {
        Direction start = item.Rays.First(r => r.Letter == item.Start).Direction;
        Direction end = item.Rays.First(r => r.Letter == item.End).Direction;
        return new Angle(
            new Point(-20, -30),
            start,
            new Measure(Direction.Reduce(end.Degrees - start.Degrees)),
            TurnDirection.Anticlockwise,
            RayLength,
            RayLength
        );
    }

    /// <inheritdoc/>
    protected override ToldSheet Tell(NameAngleItem item, ItemView view) =>
        new(
            [
                Text.Heard.Rays(
                    item.Vertex,
                    [.. item.Rays.Select(r => Text.Units.AsWritten(item.Vertex + r.Letter))]
                ),
                Text.Heard.Arc(item.Vertex + item.Start, item.Vertex + item.End),
            ],
            [],
            []
        );

    /// <inheritdoc/>
    protected override WorkedExample Work(NameAngleItem item, HouseRules rules) =>
        new(
            "naming",
            new DemonstrationTask(
                AngleOf(item),
                InstrumentCatalogue.DeskHalfCircle,
                new AngleNames(item.Vertex, item.Start, item.End),
                rules
            )
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        NameAngleItem item,
        NameAngleResponse? response
    ) =>
        [
            new ChoiceStep(
                "allowed",
                Text.Kinds.Steps.Allowed,
                Options(item),
                response?.Allowed,
                item.Verdict == NameVerdict.Allowed
                    ? Text.Kinds.Name.Allowed
                    : Text.Kinds.Name.NotAllowed,
                Text.Kinds.Name.Look
            ),
            new NameStep(item.Meant, response?.Name),
        ];

    // Who takes a wrong name for right makes the mistake that the name shows.
    private static IReadOnlyList<Option> Options(NameAngleItem item)
    {
        NameVerdict verdict = item.Verdict;
        bool allowed = verdict == NameVerdict.Allowed;
        NamingMistake? behind = MistakeCatalogue.OfNaming.FirstOrDefault(m => m.Verdict == verdict);
        bool backwards =
            allowed && item.Proposed.StartsWith("∠" + item.End, StringComparison.Ordinal);
        return
        [
            new Option("yes", Text.Units.Yes, allowed)
            {
                Causes = behind is null ? [] : [MistakeInContext.Of(behind)],
            },
            new Option("no", Text.Units.No, !allowed)
            {
                Causes = backwards ? [MistakeInContext.Of<NameOneWayOnly>()] : [],
            },
        ];
    }

    /// <inheritdoc/>
    protected override NameAngleResponse Attempt(NameAngleItem item, Attempt attempt)
    {
        AngleName name =
            MistakeCatalogue
                .OfNaming.Where(attempt.Shows)
                .Select(m => PredictionCatalogue.Predict(m, item.Meant))
                .FirstOrDefault(wrong => wrong is not null)
            ?? new AngleName(item.Start, item.Vertex, item.End);
        return new NameAngleResponse(attempt.Choose(Options(item)), name.Letters);
    }
}

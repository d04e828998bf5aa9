using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.WhichKind;

/// <summary>Say the kind of an angle by eye, before any instrument is touched.</summary>
public sealed class WhichKindKind()
    : ExerciseKind<WhichKindItem, WhichKindResponse>(
        new KindFacts(
            "which-kind",
            Text.Kinds.Facts.WhichKind.Title,
            Text.Kinds.Facts.WhichKind.Summary,
            [
                MistakeCatalogue.Get<LooksRight>(),
                MistakeCatalogue.Get<TiltedRightAngle>(),
                MistakeCatalogue.Get<OtherOpening>(),
                MistakeCatalogue.Get<MixedUpKinds>(),
            ]
        )
        {
            Difficulty = 0,
            Varieties = Turns.Length,
            IsMeasured = false,
            MostMeasure = 359,
        }
    )
{
    // Nearer to 90° than this, in degrees, the eye alone may take it for a right angle. Common practice, no source.
    private const double LooksRight = 10;

    private static readonly AngleKind[] Offered =
    [
        AngleKind.Acute,
        AngleKind.Right,
        AngleKind.Obtuse,
        AngleKind.Straight,
        AngleKind.Reflex,
    ];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan) =>
        new WhichKindItem(Text.Kinds.WhichKind.Prompt, Varied(plan), plan.Names);

    private enum Variety
    {
        Chosen,
        RightOnItsTip,
        JustOver,
        JustUnder,
        Straight,
    }

    private static readonly Variety[] Turns =
    [
        Variety.Chosen,
        Variety.RightOnItsTip,
        Variety.Chosen,
        Variety.JustOver,
        Variety.Chosen,
        Variety.RightOnItsTip,
        Variety.Chosen,
        Variety.JustUnder,
        Variety.Chosen,
        Variety.Straight,
    ];

    // Among the chosen measures some right angles, on their tip, and some that only look right; now and then a straight one.
    private static Angle Varied(ItemPlan plan)
    {
        Angle angle = plan.Angle with { Vertex = default };
        return plan.InTurn(Turns) switch
        {
            Variety.RightOnItsTip => angle.TurnedBy(plan.Own.Between(15, 75)) with
            {
                Measure = new Measure(90),
            },
            Variety.JustOver => angle with { Measure = new Measure(90 + plan.Own.Between(4, 9)) },
            Variety.JustUnder => angle with { Measure = new Measure(90 - plan.Own.Between(4, 9)) },
            Variety.Straight => angle with { Measure = new Measure(180) },
            _ => angle,
        };
    }

    /// <inheritdoc/>
    protected override ItemView Present(WhichKindItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            Sheets.With(item.Angle, item.Names),
            ItemView.UsualWindow,
            [
                CommonAsks.KindSaid("said", Text.Kinds.WhichKind.Ask, withReflex: true) with
                {
                    Optional = false,
                },
            ]
        );

    /// <inheritdoc/>
    protected override WorkedExample Work(WhichKindItem item, HouseRules rules) =>
        new(
            "kinds",
            new DemonstrationTask(item.Angle, InstrumentCatalogue.DeskHalfCircle, item.Names, rules)
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        WhichKindItem item,
        WhichKindResponse? response
    ) =>
        [
            new ChoiceStep(
                "kind",
                Text.Kinds.Steps.Kind,
                Options(item),
                response?.Said.ToString(),
                Text.Kinds.WhichKind.Right(item.Angle.Measure.Kind),
                Text.Kinds.WhichKind.Look
            ),
        ];

    /// <inheritdoc/>
    protected override WhichKindResponse Attempt(WhichKindItem item, Attempt attempt) =>
        new(Enum.Parse<AngleKind>(attempt.Choose(Options(item))));

    private static IReadOnlyList<Option> Options(WhichKindItem item) =>
        [
            .. Offered.Select(kind => new Option(
                kind.ToString(),
                Text.Angles.Adjective(kind),
                kind == item.Angle.Measure.Kind
            )
            {
                Causes = [.. Causes(item.Angle, kind)],
            }),
        ];

    private static IEnumerable<MistakeInContext> Causes(Angle angle, AngleKind said)
    {
        double measure = angle.Measure.Degrees;
        AngleKind truth = angle.Measure.Kind;
        if (said == truth)
        {
            yield break;
        }
        if (said == AngleKind.Right && Math.Abs(measure - 90) <= LooksRight)
        {
            yield return MistakeInContext.Of<LooksRight>();
        }
        if (
            truth == AngleKind.Right
            && said is AngleKind.Acute or AngleKind.Obtuse
            && angle.Start.Degrees % 90 != 0
        )
        {
            yield return MistakeInContext.Of<TiltedRightAngle>();
        }
        if (truth != AngleKind.Straight && new Measure(360 - measure).Kind == said)
        {
            yield return MistakeInContext.Of<OtherOpening>();
        }
        if (
            (truth, said)
            is
                (AngleKind.Acute, AngleKind.Obtuse)
                or
                (AngleKind.Obtuse, AngleKind.Acute)
                or
                (AngleKind.Straight, AngleKind.Right)
                or
                (AngleKind.Straight, AngleKind.Obtuse)
        )
        {
            yield return MistakeInContext.Of<MixedUpKinds>();
        }
    }
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.BothArms;

/// <summary>Measure from both arms and compare: both must give the same.</summary>
public sealed class BothArmsKind()
    : ExerciseKind<BothArmsItem, BothArmsResponse>(
        new KindFacts(
            "both-arms",
            Text.Kinds.Facts.BothArms.Title,
            Text.Kinds.Facts.BothArms.Summary,
            [.. MistakeCatalogue.Reading.Where(m => m.NeedsTwoScales != false)]
        )
        {
            ReadsMeasureOnly = true,
            NeedsTwoScales = true,
            Difficulty = 3,
        }
    )
{
    // Two honest readings of one angle differ by no more, in degrees. Common practice, no source.
    private const double Agreeing = 2;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan) =>
        new BothArmsItem(
            Text.Kinds.BothArms.Prompt(plan.Names.Full, plan.Names.StartRay, plan.Names.EndRay),
            plan.Instrument,
            plan.Angle,
            plan.Names
        );

    /// <inheritdoc/>
    protected override ItemView Present(BothArmsItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            Sheets.With(item.Angle, item.Names),
            ItemView.WindowFor(item.Instrument),
            [
                CommonAsks.Reading(
                    "first",
                    "firstPlacement",
                    Text.Kinds.BothArms.Ask(item.Names.StartRay)
                ),
                CommonAsks.Reading(
                    "second",
                    "secondPlacement",
                    Text.Kinds.BothArms.Ask(item.Names.EndRay)
                ),
                new Ask("agree", AskType.Choice, Text.Kinds.BothArms.AskAgree)
                {
                    Options = CommonAsks.YesOrNo,
                },
            ]
        )
        {
            InHand = item.Instrument,
        };

    /// <inheritdoc/>
    protected override WorkedExample Work(BothArmsItem item, HouseRules rules) =>
        new("both-arms", new DemonstrationTask(item.Angle, item.Instrument, item.Names, rules));

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        BothArmsItem item,
        BothArmsResponse? response
    )
    {
        bool agree = response is null || Math.Abs(response.First - response.Second) <= Agreeing;
        return
        [
            new ReadingStep(
                "first",
                Text.Kinds.Steps.FirstReading,
                MarkingContext.Measuring(item.Angle, item.Instrument, response?.FirstPlacement),
                response?.First,
                WithInstrument
            )
            {
                Place = Text.Kinds.BothArms.First,
            },
            new ReadingStep(
                "second",
                Text.Kinds.Steps.SecondReading,
                MarkingContext.Measuring(item.Angle, item.Instrument, response?.SecondPlacement),
                response?.Second,
                WithInstrument
            )
            {
                Place = Text.Kinds.BothArms.Second,
                Objection = FromTheSameArm(item, response) ? SameArm : null,
            },
            new ChoiceStep(
                "agree",
                Text.Kinds.Steps.Compared,
                [new Option("yes", Text.Units.Yes, agree), new Option("no", Text.Units.No, !agree)],
                response?.Agree,
                Text.Kinds.BothArms.Right,
                Text.Kinds.BothArms.Look
            )
            {
                Decides = false,
                Weight = 0.5,
                WhenWrong =
                    response is null ? null
                    : agree ? Text.Kinds.BothArms.AreEqual(response.First, response.Second)
                    : Text.Kinds.BothArms.NotEqual(response.First, response.Second),
            },
        ];
    }

    private static bool FromTheSameArm(BothArmsItem item, BothArmsResponse? response)
    {
        // Along a straight angle the zero line lies on both.
        if (
            item.Angle.Measure.Kind == AngleKind.Straight
            || response
                is not { FirstPlacement: Placement first, SecondPlacement: Placement second }
        )
        {
            return false;
        }
        Alignment one = LaidAngle.Of(item.Angle, item.Instrument, first).Alignment;
        Alignment other = LaidAngle.Of(item.Angle, item.Instrument, second).Alignment;
        return one.IsLinedUp && other.IsLinedUp && one.LinedUpArm == other.LinedUpArm;
    }

    private static Judgement SameArm(MarkingRules rules) =>
        Judge.Unfinished(rules, Text.Kinds.BothArms.SameArm, Text.Kinds.BothArms.UseTheOther);

    /// <inheritdoc/>
    protected override BothArmsResponse Attempt(BothArmsItem item, Attempt attempt)
    {
        (double first, Placement one) = attempt.Measure(item.Angle, item.Instrument);
        (double second, Placement two) = attempt.Measure(item.Angle.FromOtherArm, item.Instrument);
        return new BothArmsResponse(
            first,
            second,
            Math.Abs(first - second) <= Agreeing ? "yes" : "no",
            one,
            two
        );
    }
}

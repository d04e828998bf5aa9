using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.ReadLaid;

/// <summary>Read a protractor that lies on the angle: from either side, tilted, upside down, turned over, not at zero.</summary>
public sealed class ReadLaidKind()
    : ExerciseKind<ReadLaidItem, ReadLaidResponse>(
        new KindFacts(
            "read-laid",
            Text.Kinds.Facts.ReadLaid.Title,
            Text.Kinds.Facts.ReadLaid.Summary,
            [
                // The student did not lay it on, so nothing of that can be the student's mistake.
                .. MistakeCatalogue.Reading.Where(m => !m.IsOfPlacing),
                .. SaidFirst.Mistakes,
            ]
        )
        {
            ReadsMeasureOnly = true,
            AlreadyLaid = true,
            Varieties = Ways.Length,
            Difficulty = 1,
        }
    )
{
    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        // The arms must pass the rim to be read without a straightedge.
        double arm = plan.Instrument.EdgeRadius + 9;
        Angle angle = plan.Angle with { StartLength = arm, EndLength = arm };
        return new ReadLaidItem(
            Text.Kinds.ReadLaid.Prompt(plan.Names.Full),
            plan.Instrument,
            angle,
            plan.Names,
            Lay(angle, plan.Names, plan.Instrument, plan.InTurn(Ways), plan.Random)
        );
    }

    private enum Way
    {
        Well,
        NotAtZero,
        TurnedOver,
    }

    private static readonly Way[] Ways =
    [
        Way.Well,
        Way.NotAtZero,
        Way.TurnedOver,
        Way.Well,
        Way.NotAtZero,
    ];

    private static Placement Lay(
        Angle angle,
        AngleNames names,
        Protractor instrument,
        Way way,
        SeededRandom random
    )
    {
        // Only what can be seen through is read from the back.
        bool over = way == Way.TurnedOver && instrument.Material == Material.ClearPlastic;
        int aside = way == Way.NotAtZero ? random.Between(2, 4) * 10 : 0;
        // Round a full circle an only scale counts one way: its zero belongs on the arm from which it counts towards the other.
        Placement standing =
            instrument.Shape == ProtractorShape.FullCircle
                ? StandardPlacement.Of(angle, names, instrument)?.Placement
                    ?? WellLaid.Over(angle, instrument)
                : WellLaid.Over(angle, instrument);
        Placement well = standing with { TurnedOver = over };
        // Not at zero only where the whole angle stays on the graduations.
        Placement turned = well with
        {
            Turn = well.Turn.Turned(-angle.Opening.Sign() * aside),
        };
        LaidAngle laid = LaidAngle.Of(angle, instrument, turned);
        bool readable = !laid.Alignment.IsLinedUp && laid.CarefulReading is not null;
        return readable ? turned : well;
    }

    /// <inheritdoc/>
    protected override ItemView Present(ReadLaidItem item, HouseRules rules)
    {
        SheetState sheet = Sheets.With(item.Angle, item.Names);
        return new ItemView(
            Key,
            item.Prompt,
            sheet with
            {
                Instruments =
                [
                    new LaidInstrument("laid", item.Instrument.Id, item.Placement)
                    {
                        ArmBearing = ArmOf(item),
                    },
                ],
            },
            ItemView.WindowFor(item.Instrument),
            CommonAsks.ByRules(
                rules,
                new Ask("reading", AskType.Degrees, Text.Kinds.ReadLaid.Ask),
                withReflex: item.Angle.Measure.Degrees > 180
            )
        )
        {
            Laid = item.Instrument,
        };
    }

    // An arm that turns is set to the arm that is read.
    private static double? ArmOf(ReadLaidItem item)
    {
        if (item.Instrument.Arm is null)
        {
            return null;
        }
        LaidAngle laid = LaidAngle.Of(item.Angle, item.Instrument, item.Placement);
        return laid.CrossingOf(laid.Alignment.ReadArm)?.Bearing;
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(ReadLaidItem item, HouseRules rules) =>
        new("measure", new DemonstrationTask(item.Angle, item.Instrument, item.Names, rules));

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        ReadLaidItem item,
        ReadLaidResponse? response
    ) =>
        [
            .. SaidFirst.Steps(
                item.Angle.Measure,
                response?.KindSaid,
                response?.Estimate,
                response?.Reading
            ),
            new ReadingStep(
                "reading",
                Text.Kinds.Steps.Reading,
                MarkingContext.Reading(item.Angle, item.Instrument, item.Placement),
                response?.Reading,
                WithInstrument
            )
            {
                Missing = NoReading,
            },
        ];

    private static Judgement NoReading(MarkingRules rules) =>
        Judge.Unfinished(rules, Text.Marks.Reading.Missing, Text.Marks.Reading.FollowNumbers);

    /// <inheritdoc/>
    protected override ReadLaidResponse Attempt(ReadLaidItem item, Attempt attempt)
    {
        LaidAngle laid = LaidAngle.Of(item.Angle, item.Instrument, item.Placement);
        if (!laid.Alignment.IsLinedUp && attempt.Shows<StartNotSubtracted>())
        {
            double first = laid.Reading(0, WhichArm.Start) ?? 0;
            double second = laid.Reading(0, WhichArm.End) ?? 0;
            return new ReadLaidResponse(Math.Round(Math.Max(first, second)));
        }
        return new ReadLaidResponse(
            laid.Alignment.IsLinedUp
                ? attempt.Read(laid)
                : Math.Round(Math.Clamp((laid.CarefulReading ?? 0) + attempt.Eye(), 0, 360))
        );
    }
}

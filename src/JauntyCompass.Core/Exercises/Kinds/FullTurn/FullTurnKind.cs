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
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.FullTurn;

/// <summary>Read a turn on a full circle: zero on the arm where the turn begins, then follow the arrow.</summary>
public sealed class FullTurnKind()
    : ExerciseKind<FullTurnItem, FullTurnResponse>(
        new KindFacts(
            "full-turn",
            Text.Kinds.Facts.FullTurn.Title,
            Text.Kinds.Facts.FullTurn.Summary,
            [
                MistakeCatalogue.Get<OtherScale>(),
                MistakeCatalogue.Get<WrongStartingArm>(),
                MistakeCatalogue.Get<WrongTen>(),
                MistakeCatalogue.Get<TicksBackwards>(),
                MistakeCatalogue.Get<SwappedDigits>(),
                MistakeCatalogue.Get<CentreMarkOff>(),
                MistakeCatalogue.Get<ZeroLineOff>(),
                MistakeCatalogue.Get<LaidOff>(),
                MistakeCatalogue.Get<CountedGraduations>(),
                MistakeCatalogue.Get<GraduationsAsTwoOrFive>(),
                MistakeCatalogue.Get<SlipOfTheEye>(),
                MistakeCatalogue.Get<KindAgainstNumber>(),
            ]
        )
        {
            Difficulty = 3,
            MostMeasure = 359,
            Shape = ProtractorShape.FullCircle,
        }
    )
{
    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        return new FullTurnItem(
            Text.Kinds.FullTurn.Prompt(plan.Names.StartRay, plan.Names.EndRay),
            plan.Instrument,
            plan.Angle with
            {
                Vertex = default,
                // A single scale counts one way only, and the arrow goes that way.
                Opening =
                    plan.Instrument.Scales.Count == 1
                        ? plan.Instrument.Scales[0].Growth
                        : plan.Angle.Opening,
            },
            plan.Names
        );
    }

    /// <inheritdoc/>
    protected override ItemView Present(FullTurnItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            Sheets.With(item.Angle, item.Names, OpeningMark.Turn),
            ItemView.WindowFor(item.Instrument),
            CommonAsks.ByRules(
                rules,
                CommonAsks.Reading("reading", "placement", Text.Kinds.FullTurn.Ask),
                withReflex: true
            )
        )
        {
            InHand = item.Instrument,
        };

    /// <inheritdoc/>
    protected override WorkedExample Work(FullTurnItem item, HouseRules rules) =>
        new(
            "full-circle-turn",
            new DemonstrationTask(item.Angle, item.Instrument, item.Names, rules)
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        FullTurnItem item,
        FullTurnResponse? response
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
                MarkingContext.Measuring(item.Angle, item.Instrument, response?.Placement),
                response?.Reading,
                WithInstrument
            ),
        ];

    /// <inheritdoc/>
    protected override FullTurnResponse Attempt(FullTurnItem item, Attempt attempt)
    {
        (double reading, Placement placement) = attempt.Measure(item.Angle, item.Instrument);
        return attempt.Shows<WrongStartingArm>(item.Instrument)
            ? new FullTurnResponse((360 - reading) % 360, null)
            : new FullTurnResponse(reading, placement);
    }
}

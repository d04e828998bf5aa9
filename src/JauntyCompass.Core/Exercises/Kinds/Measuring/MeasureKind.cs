using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Measuring;

/// <summary>Lay the protractor on and read.</summary>
public sealed class MeasureKind()
    : ExerciseKind<MeasureItem, MeasureResponse>(
        new KindFacts(
            "measure",
            Text.Kinds.Facts.Measure.Title,
            Text.Kinds.Facts.Measure.Summary,
            [.. MistakeCatalogue.Reading, .. MistakeCatalogue.OfShortArms, .. SaidFirst.Mistakes]
        )
        {
            ReadsMeasureOnly = true,
            Difficulty = 2,
        }
    )
{
    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan) =>
        new MeasureItem(
            Scenes.ToMeasure(plan.Theme == Theme.Harbour, plan.Scene, plan.Names),
            plan.Instrument,
            plan.Angle,
            plan.Names
        );

    /// <inheritdoc/>
    protected override ItemView Present(MeasureItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            new SheetState
            {
                Figures =
                [
                    new Figure("angle", item.Angle)
                    {
                        Names = item.Names,
                        Mark = OpeningMarks.Of(item.Angle),
                    },
                ],
            },
            ItemView.WindowFor(item.Instrument),
            CommonAsks.ByRules(rules, CommonAsks.Reading("reading", "placement"))
        )
        {
            InHand = item.Instrument,
        };

    /// <inheritdoc/>
    protected override WorkedExample Work(MeasureItem item, HouseRules rules) =>
        new("measure", new DemonstrationTask(item.Angle, item.Instrument, item.Names, rules));

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        MeasureItem item,
        MeasureResponse? response
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
    protected override MeasureResponse Attempt(MeasureItem item, Attempt attempt)
    {
        (double reading, Placement placement) = attempt.Measure(item.Angle, item.Instrument);
        return new MeasureResponse(reading, item.Angle.Measure.Kind, placement);
    }
}

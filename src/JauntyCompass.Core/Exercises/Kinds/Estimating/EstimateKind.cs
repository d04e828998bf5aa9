using System.Globalization;
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

namespace JauntyCompass.Core.Exercises.Kinds.Estimating;

/// <summary>The nearest benchmark, then an estimate with a paper fan, then the measurement.</summary>
public sealed class EstimateKind()
    : ExerciseKind<EstimateItem, EstimateResponse>(
        new KindFacts(
            "estimate",
            Text.Kinds.Facts.Estimate.Title,
            Text.Kinds.Facts.Estimate.Summary,
            [MistakeCatalogue.Get<BenchmarkByEye>(), .. MistakeCatalogue.Reading]
        )
        {
            ReadsMeasureOnly = true,
            Difficulty = 2,
        }
    )
{
    // Common practice, no source.
    internal static readonly int[] Benchmarks = [45, 90, 135, 180];

    // Two benchmarks that are nearly as near are both right, in degrees. Common practice, no source.
    private const double NearlyAsNear = 6;
    private const double EyeSpread = 7;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan) =>
        new EstimateItem(
            Text.Kinds.Estimate.Prompt(plan.Names.Full),
            plan.Instrument,
            plan.Angle,
            plan.Names
        );

    /// <inheritdoc/>
    protected override ItemView Present(EstimateItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            Sheets.With(item.Angle, item.Names),
            ItemView.UsualWindow,
            [
                CommonAsks.Choice(
                    "nearest",
                    Text.Kinds.Estimate.Ask,
                    Options(item.Angle.Measure.Degrees)
                ),
                new Ask("fan", AskType.Fan, Text.Kinds.Estimate.AskFan) { Least = 1 },
                CommonAsks.Reading("reading", "placement") with
                {
                    Afterwards = true,
                },
            ]
        )
        {
            InHand = item.Instrument,
        };

    /// <inheritdoc/>
    protected override WorkedExample Work(EstimateItem item, HouseRules rules) =>
        new("estimate", new DemonstrationTask(item.Angle, item.Instrument, item.Names, rules));

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        EstimateItem item,
        EstimateResponse? response
    )
    {
        double truth = item.Angle.Measure.Degrees;
        return
        [
            new ChoiceStep(
                "benchmark",
                Text.Kinds.Steps.Benchmark,
                Options(truth),
                response?.Nearest,
                right: null,
                Text.Kinds.Estimate.Look
            )
            {
                Decides = false,
                Weight = 0.5,
            },
            new EstimateStep(truth, response?.Fan) { Decides = false, Weight = 0.5 },
            new ReadingStep(
                "reading",
                Text.Kinds.Steps.Reading,
                MarkingContext.Measuring(item.Angle, item.Instrument, response?.Placement),
                response?.Reading,
                MistakeCatalogue.Reading
            ),
        ];
    }

    /// <inheritdoc/>
    protected override EstimateResponse Attempt(EstimateItem item, Attempt attempt)
    {
        double truth = item.Angle.Measure.Degrees;
        (double reading, Placement placement) = attempt.Measure(item.Angle, item.Instrument);
        return new EstimateResponse(
            attempt.Choose(Options(truth)),
            attempt.Guess(truth, EyeSpread),
            reading,
            placement
        );
    }

    private static IReadOnlyList<Option> Options(double truth)
    {
        double least = Benchmarks.Min(b => Math.Abs(b - truth));
        return
        [
            .. Benchmarks.Select(b =>
            {
                bool right = Math.Abs(b - truth) <= least + NearlyAsNear;
                return new Option(
                    b.ToString(CultureInfo.InvariantCulture),
                    Text.Units.Degrees(b),
                    right
                )
                {
                    Causes = right ? [] : [MistakeInContext.Of<BenchmarkByEye>()],
                };
            }),
        ];
    }
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.ByEye;

/// <summary>Draw a benchmark by eye, then measure what came out.</summary>
public sealed class DrawByEyeKind()
    : ExerciseKind<DrawByEyeItem, DrawByEyeResponse>(
        new KindFacts(
            "draw-by-eye",
            Text.Kinds.Facts.DrawByEye.Title,
            Text.Kinds.Facts.DrawByEye.Summary,
            MistakeCatalogue.Reading
        )
        {
            Difficulty = 2,
            IsMeasured = false,
        }
    )
{
    private const double EyeSpread = 6;
    private static readonly int[] Benchmarks = [30, 45, 60, 90, 120, 135];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        int benchmark = plan.InTurn(Benchmarks);
        return new DrawByEyeItem(
            Text.Kinds.DrawByEye.Prompt(benchmark, plan.Names.StartRay),
            plan.Instrument,
            new Measure(benchmark),
            new BaseRay(plan.Angle.Vertex, plan.Angle.Start, plan.Instrument.EdgeRadius + 8),
            plan.Angle.Opening,
            plan.Names
        );
    }

    /// <inheritdoc/>
    protected override ItemView Present(DrawByEyeItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            new SheetState(),
            ItemView.WindowFor(item.Instrument),
            [
                CommonAsks.Drawing with
                {
                    ByEye = true,
                },
                CommonAsks.Reading("reading", "readingPlacement", Text.Kinds.DrawByEye.Ask) with
                {
                    Afterwards = true,
                },
            ]
        )
        {
            InHand = item.Instrument,
            Drawing = new DrawingTask(item.BaseRay, item.Opening, item.Names),
        };

    /// <inheritdoc/>
    protected override WorkedExample Work(DrawByEyeItem item, HouseRules rules) =>
        new("estimate", new DemonstrationTask(Asked(item), item.Instrument, item.Names, rules));

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(
        DrawByEyeItem item,
        DrawByEyeResponse? response
    )
    {
        Angle asked = Asked(item);
        DrawnFigure? figure = response is null
            ? null
            : DrawnFigure.Of(
                MarkingContext.Drawing(asked, item.Instrument, Seen.Unknown<Placement>()),
                response.Marks()
            );
        // What is measured is what was drawn, whichever way it opens.
        Angle own =
            figure?.Turn is double turn && figure.Ray.Value is StrokeLine ray
                ? asked with
                {
                    Measure = new Measure(Math.Clamp(Math.Abs(turn), 0, 180)),
                    Opening = turn < 0 ? asked.Opening.Reversed() : asked.Opening,
                    EndLength = Math.Max(Angle.ShortestArm, ray.Length),
                }
                : asked;
        return
        [
            new EstimateStep(item.Measure.Degrees, figure?.Value)
            {
                IsDrawn = true,
                Weight = 0.5,
                Missing = Text.Marks.Drawing.NoSecondRay,
            },
            new ReadingStep(
                "reading",
                Text.Kinds.Steps.Reading,
                MarkingContext.Measuring(own, item.Instrument, response?.ReadingPlacement),
                figure?.Value is null ? null : response?.Reading,
                WithInstrument
            ),
        ];
    }

    private static Angle Asked(DrawByEyeItem item) =>
        new(
            item.BaseRay.Vertex,
            item.BaseRay.Direction,
            item.Measure,
            item.Opening,
            item.BaseRay.Length,
            item.BaseRay.Length
        );

    /// <inheritdoc/>
    protected override DrawByEyeResponse Attempt(DrawByEyeItem item, Attempt attempt)
    {
        double drawn = attempt.Guess(item.Measure.Degrees, attempt.IsPerfect ? 0 : EyeSpread);
        Angle own = Asked(item) with { Measure = new Measure(drawn) };
        (double reading, Placement placement) = attempt.Measure(own, item.Instrument);
        return new DrawByEyeResponse(
            [
                .. PencilWork.Line(
                    attempt,
                    own.Vertex,
                    own.Vertex.Towards(own.End, item.BaseRay.Length)
                ),
            ],
            [],
            reading,
            own.Vertex.Towards(own.Bisector, 14),
            null,
            placement
        );
    }
}

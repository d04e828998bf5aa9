using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Drawn;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Draw;

/// <summary>Draw an angle of a given measure on a given base ray.</summary>
public sealed class DrawKind()
    : ExerciseKind<DrawItem, DrawResponse>(
        new KindFacts(
            "draw",
            Text.Kinds.Facts.Draw.Title,
            Text.Kinds.Facts.Draw.Summary,
            MistakeCatalogue.Drawing
        )
        {
            ReadsMeasureOnly = true,
            Difficulty = 3,
            OnEmptySheet = (DrawItem.LeastOwn, DrawItem.MostOwn),
        }
    )
{
    // Where a simulated student puts the arc, in mm from the vertex.
    private const double ArcRadius = 15;

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        double measure = plan.Angle.Measure.Degrees;
        bool own = plan.DrawsBaseRay && measure is >= DrawItem.LeastOwn and <= DrawItem.MostOwn;
        return new DrawItem(
            Scenes.ToDraw(plan.Theme == Theme.Harbour, plan.Scene, plan.Names, measure, own),
            plan.Instrument,
            plan.Angle.Measure,
            own ? null : new BaseRay(plan.Angle.Vertex, plan.Angle.Start, plan.Angle.StartLength),
            plan.Angle.Opening,
            plan.Names
        );
    }

    /// <inheritdoc/>
    protected override ItemView Present(DrawItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            new SheetState(),
            ItemView.WindowFor(item.Instrument),
            // The kind is said before anything is drawn, or not at all.
            rules.Kind == KindSaid.First
                ?
                [
                    CommonAsks.KindSaid("kindSaid", Text.Kinds.Asks.WhichKindWillItBe),
                    CommonAsks.Drawing,
                ]
                : [CommonAsks.Drawing]
        )
        {
            InHand = item.Instrument,
            Drawing = new DrawingTask(item.BaseRay, item.Opening, item.Names),
        };

    /// <inheritdoc/>
    protected override WorkedExample Work(DrawItem item, HouseRules rules) =>
        new("draw", new DemonstrationTask(item.Asked, item.Instrument, item.Names, rules));

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(DrawItem item, DrawResponse? response)
    {
        PencilMarks? marks = response is null ? null : response.Marks();
        OwnBaseRay? own =
            item.BaseRay is null && marks is not null
                ? OwnBaseRay.Find(marks, item.Opening, response!.Placement)
                : null;
        Angle asked = own is null
            ? item.Asked
            : item.On(own.Vertex, own.Base.Direction, own.Base.Length, own.Opening);
        MarkingContext context = DrawnResponse.Drawing(asked, item.Instrument, response);
        DrawnFigure? figure =
            marks is null ? null
            : item.BaseRay is null ? DrawnFigure.OnOwnBaseRay(context, marks, own)
            : DrawnFigure.Of(context, marks);
        return
        [
            .. SaidFirst.Steps(item.Measure, response?.KindSaid, estimate: null, reading: null),
            new DrawingStep(Text.Kinds.Steps.Drawing, context, figure, WithInstrument)
            {
                Missing =
                    figure?.Ray.IsUnknown == true ? DrawnResponse.CannotBeSeen
                    : figure?.BaseRay.IsAbsent == true ? NoRays
                    : NoRay,
            },
        ];
    }

    private static Judgement NoRay(MarkingRules rules) =>
        Judge.Unfinished(rules, Text.Marks.Drawing.NoSecondRay, Text.Marks.Drawing.DrawSecondRay);

    private static Judgement NoRays(MarkingRules rules) =>
        Judge.Unfinished(rules, Text.Marks.Drawing.NoTwoRays, Text.Marks.Drawing.DrawBoth);

    /// <inheritdoc/>
    protected override DrawResponse Attempt(DrawItem item, Attempt attempt)
    {
        Angle asked = item.Asked;
        var drawn = DrawnWork.Of(attempt, asked, item.Instrument);
        return new DrawResponse(
            [
                .. item.BaseRay is null
                    ? PencilWork.Line(attempt, asked.Vertex, asked.StartArm.Tip)
                    : [],
                .. drawn.Smear,
                .. drawn.SecondRay(attempt),
            ],
            drawn.Dots,
            drawn.Inside(ArcRadius),
            drawn.Placement
        )
        {
            Rested = drawn.Rested,
            NeverLaid = drawn.Placement is null,
        };
    }
}

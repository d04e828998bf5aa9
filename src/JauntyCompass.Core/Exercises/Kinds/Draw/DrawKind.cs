using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Drawn;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Marking.Strokes;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Kinds.Draw;

/// <summary>Draw an angle of a given measure on a given base ray.</summary>
public sealed class DrawKind()
    : ExerciseKind<DrawItem, DrawResponse>(
        new KindFacts(
            "draw",
            "Draw",
            "Lay the protractor on the ray, make a dot, draw the second ray, mark the arc.",
            MistakeCatalogue.Drawing
        )
        {
            ReadsMeasureOnly = true,
            Difficulty = 3,
            OnEmptySheet = (DrawItem.LeastOwn, DrawItem.MostOwn),
        }
    )
{
    // How far the eye of a simulated student strays, in degrees.
    private const double EyeSpread = 9;

    /// <inheritdoc/>
    public override Item Make(ItemPlan plan)
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
                ? [CommonAsks.KindSaid("kindSaid", "Which kind will it be?"), CommonAsks.Drawing]
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
        PencilMarks? marks = response is null
            ? null
            : DrawnMarks.Of(response.Strokes, response.Dots, response.Arc);
        OwnBaseRay? own =
            item.BaseRay is null && marks is not null
                ? OwnBaseRay.Find(marks, item.Opening, response!.Placement)
                : null;
        Angle asked = own is null
            ? item.Asked
            : item.On(own.Vertex, own.Base.Direction, own.Base.Length, own.Opening);
        var situation = Situation.Drawing(
            asked,
            item.Instrument,
            response?.Placement,
            response?.Rested
        );
        bool isThere = marks is not null && (item.BaseRay is not null || own is not null);
        DrawnFigure? figure = isThere ? DrawnFigure.Of(situation, marks!, own) : null;
        return
        [
            .. SaidFirst.Steps(item.Measure, response?.KindSaid, estimate: null, reading: null),
            new ReadingStep("drawing", "Drawing", situation, figure?.Value, Mistakes, figure)
            {
                Missing = item.BaseRay is null ? NoRays : NoRay,
            },
        ];
    }

    private static Judgement NoRay(MarkingRules rules) =>
        Judge.Unfinished(
            "There is no second ray on the sheet yet.",
            $"Make a dot at the measure, then draw from the vertex through the dot with the {rules.Words.Straightedge}."
        );

    private static Judgement NoRays(MarkingRules rules) =>
        Judge.Unfinished(
            "There are not two rays on the sheet yet.",
            $"Draw the base ray with the {rules.Words.Straightedge}, long enough to pass the rim. Its end is the vertex. Then make your dot and draw the second ray."
        );

    /// <inheritdoc/>
    protected override DrawResponse Attempt(DrawItem item, Attempt attempt)
    {
        Angle asked = item.Asked;
        (Placement placement, IReadOnlyList<Placement> rested) = attempt.LayForDot(
            asked,
            item.Instrument
        );
        LaidAngle laid = LaidAngle.Of(asked, item.Instrument, placement, WhichArm.Start);
        Scale scale = item.Instrument.Scales[attempt.ScaleUsed(laid)];
        double full = item.Instrument.FullScale;
        double number = Math.Clamp(
            attempt.Garble((int)Math.Round(item.Measure.Degrees), full) + attempt.Eye(),
            0,
            full
        );
        if (laid.Advice.ScaleIndex < 0 && !attempt.Shows("only-scale-other-way"))
        {
            // The only scale begins at the other end: the dot belongs at what is left of the whole.
            number = full - number;
        }
        Point dot = placement.PointAt(scale.BearingOf(number), item.Instrument.EdgeRadius + 1);
        if (attempt.Shows("opens-wrong-way"))
        {
            double turn = asked.Start.ShorterTurnTo(Direction.Between(asked.Vertex, dot));
            dot = asked.Vertex.Towards(asked.Start.Turned(-turn), asked.Vertex.DistanceTo(dot));
        }
        (IReadOnlyList<Stroke> smear, IReadOnlyList<Point> dots) = PencilWork.Dot(attempt, dot);
        bool byEye = attempt.Shows("drew-by-eye");
        if (byEye)
        {
            double eye = asked.Opening.Sign() * attempt.Eye(EyeSpread);
            dot = asked.Vertex.Towards(asked.End.Turned(eye), item.Instrument.EdgeRadius + 1);
        }
        Point tip = asked.StartArm.Tip;
        return new DrawResponse(
            [
                .. item.BaseRay is null ? PencilWork.Line(attempt, asked.Vertex, tip) : [],
                .. byEye ? [] : smear,
                .. SecondRay(attempt, asked.Vertex, dot),
            ],
            byEye ? [] : dots,
            MarkArc(asked, dot),
            byEye ? null : placement,
            byEye ? null : rested
        );
    }

    private static IEnumerable<Stroke> SecondRay(Attempt attempt, Point vertex, Point dot)
    {
        Direction outward = Direction.Between(vertex, dot);
        Point from = vertex;
        Point through = dot;
        if (attempt.Shows("gap-at-vertex"))
        {
            from = from.Towards(outward, attempt.Size(4, 9));
        }
        if (attempt.Shows("ran-on-behind-vertex"))
        {
            from = from.Towards(outward.Opposite, attempt.Size(6, 14));
        }
        if (attempt.Shows("missed-own-dot"))
        {
            through = through.Towards(outward.Turned(90 * attempt.Side()), attempt.Size(4, 7));
        }
        double beyond = attempt.Shows("arm-too-short")
            ? -attempt.Size(20, 35)
            : attempt.Size(6, 12);
        return PencilWork.Line(
            attempt,
            from,
            through.Towards(Direction.Between(from, through), beyond)
        );
    }

    private static Point MarkArc(Angle asked, Point dot)
    {
        double turn = asked.Start.ShorterTurnTo(Direction.Between(asked.Vertex, dot));
        return asked.Vertex.Towards(asked.Start.Turned(turn / 2), 15);
    }
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Drawn;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
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
            Difficulty = 3,
        }
    )
{
    /// <inheritdoc/>
    public override Item Make(ItemPlan plan) =>
        new DrawItem(
            Scenes.ToDraw(
                plan.Theme == Theme.Harbour,
                plan.Scene,
                plan.Names,
                plan.Angle.Measure.Degrees
            ),
            plan.Instrument,
            plan.Angle.Measure,
            new BaseRay(plan.Angle.Vertex, plan.Angle.Start, plan.Angle.StartLength),
            plan.Angle.Opening,
            plan.Names
        );

    /// <inheritdoc/>
    protected override ItemView Present(DrawItem item, HouseRules rules) =>
        new(Key, item.Prompt, new SheetState(), ItemView.UsualWindow, [CommonAsks.Drawing])
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
        var situation = Situation.Drawing(item.Asked, item.Instrument, response?.Placement);
        DrawnFigure? figure = response is null
            ? null
            : DrawnFigure.Of(
                situation,
                [.. response.Strokes.Select(s => s.Points)],
                response.Dots,
                response.Arc
            );
        return
        [
            new ReadingStep("drawing", "Drawing", situation, figure?.Value, Mistakes, figure)
            {
                Missing = NoRay,
            },
        ];
    }

    private static Judgement NoRay(MarkingRules rules) =>
        Judge.Unfinished(
            "There is no second ray on the sheet yet.",
            $"Make a dot at the measure, then draw from the vertex through the dot with the {rules.Words.Straightedge}."
        );

    /// <inheritdoc/>
    protected override DrawResponse Attempt(DrawItem item, Attempt attempt)
    {
        Angle asked = item.Asked;
        Placement placement = attempt.Lay(asked, item.Instrument);
        LaidAngle laid = LaidAngle.Of(asked, item.Instrument, placement, WhichArm.Start);
        Scale scale = item.Instrument.Scales[attempt.ScaleUsed(laid)];
        double number = Math.Clamp(
            attempt.Garble((int)Math.Round(item.Measure.Degrees)) + attempt.Eye(),
            0,
            180
        );
        if (laid.Advice.ScaleIndex < 0)
        {
            // The only scale begins at the other end: the dot belongs at what is left of 180.
            number = 180 - number;
        }
        Point dot = placement.PointAt(scale.BearingOf(number), item.Instrument.EdgeRadius + 1);
        if (attempt.Shows("opens-wrong-way"))
        {
            double turn = asked.Start.ShorterTurnTo(Direction.Between(asked.Vertex, dot));
            dot = asked.Vertex.Towards(asked.Start.Turned(-turn), asked.Vertex.DistanceTo(dot));
        }
        return new DrawResponse(
            [Rule(attempt, item, dot)],
            [attempt.Pencil(dot)],
            MarkArc(asked, dot),
            placement
        );
    }

    private static Stroke Rule(Attempt attempt, DrawItem item, Point dot)
    {
        Point vertex = item.BaseRay.Vertex;
        Direction outward = Direction.Between(vertex, dot);
        Point from = vertex;
        Point through = dot;
        if (attempt.Shows("gap-at-vertex"))
        {
            from = from.Towards(outward, attempt.Size(4, 9));
        }
        if (attempt.Shows("missed-own-dot"))
        {
            through = through.Towards(outward.Turned(90 * attempt.Side()), attempt.Size(4, 7));
        }
        double beyond = attempt.Shows("arm-too-short")
            ? -attempt.Size(20, 35)
            : attempt.Size(6, 12);
        double length = from.DistanceTo(through) + beyond;
        Direction line = Direction.Between(from, through);
        const int Steps = 16;
        return new Stroke([
            .. Enumerable
                .Range(0, Steps + 1)
                .Select(i => attempt.Pencil(from.Towards(line, length * i / Steps))),
        ]);
    }

    private static Point MarkArc(Angle asked, Point dot)
    {
        double turn = asked.Start.ShorterTurnTo(Direction.Between(asked.Vertex, dot));
        return asked.Vertex.Towards(asked.Start.Turned(turn / 2), 15);
    }
}

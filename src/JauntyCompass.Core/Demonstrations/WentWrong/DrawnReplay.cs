using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.WentWrong.Replays;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong;

/// <summary>A drawing in which something went wrong; the class guesses, it is looked at, and it is drawn right.</summary>
/// <param name="mistake">The mistake that is shown.</param>
public sealed class DrawnReplay(Mistake mistake)
    : Demonstration(
        new DemonstrationFacts(
            "drawn-" + mistake.Key,
            DemonstrationGroup.WentWrong,
            Text.Demonstrations.WentWrong.TitleDrawing(mistake.Name),
            Text.Demonstrations.WentWrong.SummaryDrawing
        )
        {
            UsualInstrument = mistake.ShownOn,
            LeastMeasure = 5,
            MostMeasure = 170,
            WhyMeasure = Text.Demonstrations.Why.DrawingNeedsRoom,
        }
    )
{
    private const string Id = "angle";
    private const string Guide = "arc";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (
            errors.None
            && ReplayCatalogue.Drawing(mistake)!.Replay(task.Angle, task.Instrument) is null
        )
        {
            errors.Add("instrument", Text.Demonstrations.Problem.MistakeNotAtThisAngle);
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        double length = task.Instrument.EdgeRadius + 13;
        Angle asked = task.Angle with { StartLength = length, EndLength = length };
        DrawingExample slip = ReplayCatalogue.Drawing(mistake)!.Replay(asked, task.Instrument)!;
        var context = MarkingContext.Drawing(asked, task.Instrument, Seen.Unknown<Placement>());
        DrawnFigure figure = DrawnFigure.Of(
            context,
            PencilMarks.Of(
                [
                    [slip.From, slip.To],
                ],
                [slip.Dot],
                slip.Arc
            )
        );
        Feedback feedback = ReplayDemonstrations.Explain(
            mistake,
            new MistakeStory(context, figure.Value ?? 0, figure),
            task.Rules.Reflex
        );
        Drawn(board, asked, task, slip);
        double measure = asked.Measure.Degrees;
        board.Step(
            "drawing",
            Text.Demonstrations.Labels.Drawing,
            Text.Demonstrations.WentWrong.Drawn(measure, task.Names.StartRay)
        );
        Guessing.Silence(board);
        board.Step(
            "guess",
            Text.Demonstrations.Labels.Guess,
            Text.Demonstrations.WentWrong.DrawnGuess(mistake.Name),
            Guessing.Of(
                Text.Demonstrations.WentWrong.DrawnQuestion,
                mistake.Name,
                ReplayDemonstrations.OtherGuessesOfDrawing(mistake, asked, task.Instrument),
                Key,
                measure
            )
        );
        board.Step("happened", Text.Demonstrations.Labels.WhatHappened, feedback.Happened!);
        board.Step("remedy", Text.Demonstrations.Labels.WhatHelps, feedback.Next!);
        board.Sheet = new SheetState();
        board.Put(
            new Figure(Id, asked)
            {
                Names = task.Names,
                Mark = OpeningMarks.Of(asked),
                Written = Text.Units.Degrees(measure),
            }
        );
        board.Step(
            "right",
            Text.Demonstrations.Labels.DrawnRight,
            Text.Demonstrations.WentWrong.DrawnRight(measure, task.Names.Vertex)
        );
        return board.Script(
            Key,
            Text.Demonstrations.WentWrong.Named(measure),
            asked.Measure.Degrees
        );
    }

    private static void Drawn(
        Storyboard board,
        Angle asked,
        DemonstrationTask task,
        DrawingExample slip
    )
    {
        board.Put(
            new Figure(Id, asked)
            {
                Names = task.Names,
                HasEnd = false,
                Mark = OpeningMark.None,
            }
        );
        board.Rule(new DrawnLine("ray", slip.From, slip.To, Arrow: true));
        board.Dot(new DrawnDot("dot", slip.Dot));
        board.Put(Arc(asked, slip));
    }

    // The arc as it was drawn: from the base ray to the drawn ray, through the marked opening.
    private static Figure Arc(Angle asked, DrawingExample slip)
    {
        Direction drawn = Direction.Between(asked.Vertex, slip.To);
        double anticlockwise = asked.Start.AnticlockwiseTo(drawn);
        double toArc = asked.Start.AnticlockwiseTo(Direction.Between(asked.Vertex, slip.Arc));
        bool inside = toArc <= anticlockwise;
        return new Figure(
            Guide,
            new Angle(
                asked.Vertex,
                asked.Start,
                new Measure(inside ? anticlockwise : 360 - anticlockwise),
                inside ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
                Angle.ShortestArm,
                Angle.ShortestArm
            )
        )
        {
            HasEnd = false,
        };
    }
}

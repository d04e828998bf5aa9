using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>A full circle follows a turn arrow from the starting arm; with zero on the other arm it says the rest of the turn.</summary>
public sealed class FullCircleTurn()
    : Demonstration(
        new DemonstrationFacts(
            "full-circle-turn",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.FullCircleTurn.Title,
            Text.Demonstrations.FullCircleTurn.Summary
        )
        {
            UsualMeasure = 235,
            UsualInstrument = InstrumentCatalogue.FullCircleOneScale,
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (task.Instrument.Shape != ProtractorShape.FullCircle)
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NeedsFullCircle);
        }
        else if (errors.None && OnStart(task) is null)
        {
            errors.Add("angle.opening", Text.Demonstrations.Problem.TurnsTheOtherWay);
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = OnStart(task)!;
        Message way = InstrumentWords.WayRound(task.Angle.Opening);
        board.Put(new Figure(Id, task.Angle) { Names = task.Names, Mark = OpeningMark.Turn });
        board.Step(
            "arrow",
            Text.Demonstrations.Labels.Arrow,
            Text.Demonstrations.FullCircleTurn.Arrow(task.Names.StartRay, way, task.Names.EndRay),
            Question.Open(Text.Demonstrations.FullCircleTurn.ArrowQuestion)
        );
        var steps = new MeasuringSteps(board, Id, laying);
        steps.CentreAndZeroLine();
        steps.Extend();
        steps.ChooseScale();
        steps.Count();
        steps.Write(task.Names.Full, laying.Rounded);
        // Zero on the other arm: the same scale runs on to the starting arm and says what is left of the turn.
        Placement other = laying.Placement with
        {
            Turn = laying.Placement.Turn.Turned(
                task.Angle.Opening.Sign() * task.Angle.Measure.Degrees
            ),
        };
        double rest = 360 - laying.Rounded;
        board.Sheet = board.Sheet with
        {
            Threads =
            [
                new CountedThread(
                    Id,
                    CountingThread.Along(task.Instrument, other, laying.Scale, rest),
                    Wrong: true
                ),
            ],
        };
        board.Lay(new LaidInstrument(Id, task.Instrument.Id, other) { InkedScale = laying.Scale });
        board.Step(
            "other-arm",
            Text.Demonstrations.Labels.OtherArm,
            Text.Demonstrations.FullCircleTurn.OtherArm(
                task.Names.EndRay,
                task.Names.StartRay,
                rest,
                laying.Rounded,
                360
            ),
            Question.Open(Text.Demonstrations.FullCircleTurn.OtherArmQuestion(task.Names.EndRay))
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    private static StandardPlacement? OnStart(DemonstrationTask task)
    {
        StandardPlacement? laying = StandardPlacement.Of(task.Angle, task.Names, task.Instrument);
        return laying?.Angle.Start == task.Angle.Start ? laying : null;
    }
}

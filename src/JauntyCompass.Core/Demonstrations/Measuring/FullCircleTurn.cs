using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>A full circle follows a turn arrow from the starting arm; with zero on the other arm it says the rest of the turn.</summary>
public sealed class FullCircleTurn()
    : Demonstration(
        new DemonstrationFacts(
            "full-circle-turn",
            DemonstrationGroup.Measuring,
            "Follow the turn on a full circle",
            "Zero on the starting arm, along the arrow; and what comes of zero on the other arm."
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
            errors.Add("instrument", "must be a full circle.");
        }
        else if (errors.None && OnStart(task) is null)
        {
            errors.Add(
                "angle.opening",
                "must turn the way the only scale grows; or take a full circle with two scales."
            );
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = OnStart(task)!;
        string way = board.Phrasing.WayRound(task.Angle.Opening);
        var words = board.Phrasing.Words;
        board.Put(new Figure(Id, task.Angle) { Names = task.Names, Mark = OpeningMark.Turn });
        board.Step(
            "arrow",
            "The arrow",
            $"The arrow says: from {task.Names.StartRay}, the {words.StartingArm} {words.Arm}, {way} to {task.Names.EndRay}.",
            Question.Open(
                $"Which is the {words.StartingArm} {words.Arm}, and which way does it turn?"
            )
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
            "The other arm",
            $"With zero on {task.Names.EndRay} the numbers run on to {task.Names.StartRay} and say {board.Phrasing.Degrees(rest)}: the rest of the turn. {board.Phrasing.Degrees(laying.Rounded)} + {board.Phrasing.Degrees(rest)} = {board.Phrasing.Degrees(360)}. The kind tells which of the two is asked.",
            Question.Open($"What would come out with the zero on {task.Names.EndRay}?")
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    private static StandardPlacement? OnStart(DemonstrationTask task)
    {
        StandardPlacement? laying = StandardPlacement.Of(task.Angle, task.Names, task.Instrument);
        return laying?.Angle.Start == task.Angle.Start ? laying : null;
    }
}

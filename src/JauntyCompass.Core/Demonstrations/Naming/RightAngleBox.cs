using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.Naming;

/// <summary>The box of a right angle, also tilted; and an angle that looks right but is not marked.</summary>
public sealed class RightAngleBox()
    : Demonstration(
        new DemonstrationFacts(
            "right-angle-box",
            DemonstrationGroup.Words,
            "The box of a right angle",
            "A box means right, however it lies. Without it, looking right is not enough."
        )
        {
            UsualMeasure = 88,
            LeastMeasure = 84,
            MostMeasure = 96,
            WhyMeasure = "It must look like a right angle and be none, or be one.",
        }
    )
{
    private const string Id = "angle";
    private const double Tilt = 35;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Angle right = task.Angle with { Measure = new Measure(90) };
        board.Put(new Figure(Id, right) { Names = task.Names, Mark = OpeningMark.Box });
        board.Step(
            "box",
            "The box",
            $"The box says: exactly {board.Phrasing.Degrees(90)}, a right angle."
        );
        board.Change(Id, f => f with { Angle = right.TurnedBy(Tilt) });
        board.Step(
            "tilted",
            "Tilted",
            "Tilted, it is the same angle. Turn your head, or turn the page: still right.",
            Question.YesOrNo("The page is turned. Is it still a right angle?", yes: true)
        );
        board.Put(new Figure(Id, task.Angle) { Names = task.Names, Mark = OpeningMark.Arc });
        bool isRight = task.Angle.Measure.Kind == AngleKind.Right;
        board.Step(
            "no-box",
            "No box",
            "It looks right, but no box says so. We do not assume it: we measure.",
            Question.Open("And this one: is it a right angle? How do you know?")
        );
        StandardPlacement? laying = StandardPlacement.Of(task.Angle, task.Names, task.Instrument);
        if (laying is null)
        {
            return board.Script(Key, Title, task.Angle.Measure.Degrees);
        }
        var steps = new MeasuringSteps(board, Id, laying);
        steps.LayAtOnce();
        steps.Count();
        board.Change(Id, f => f with { Written = board.Phrasing.Degrees(laying.Rounded) });
        board.Step(
            "verdict",
            "Verdict",
            isRight
                ? $"{board.Phrasing.Degrees(90)}: it is right, and now it may have its box."
                : $"{board.Phrasing.Degrees(laying.Rounded)}: not right, only nearly. Good that we measured."
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }
}

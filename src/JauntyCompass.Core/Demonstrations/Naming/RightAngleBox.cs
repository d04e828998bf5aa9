using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Naming;

/// <summary>The box of a right angle, also tilted; and an angle that looks right but is not marked.</summary>
public sealed class RightAngleBox()
    : Demonstration(
        new DemonstrationFacts(
            "right-angle-box",
            DemonstrationGroup.Words,
            Text.Demonstrations.RightAngleBox.Title,
            Text.Demonstrations.RightAngleBox.Summary
        )
        {
            UsualMeasure = 88,
            LeastMeasure = 84,
            MostMeasure = 96,
            WhyMeasure = Text.Demonstrations.Why.NearlyRight,
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
            Text.Demonstrations.Labels.Box,
            Text.Demonstrations.RightAngleBox.Box(90)
        );
        board.Change(Id, f => f with { Angle = right.TurnedBy(Tilt) });
        board.Step(
            "tilted",
            Text.Demonstrations.Labels.Tilted,
            Text.Demonstrations.RightAngleBox.Tilted,
            Question.YesOrNo(Text.Demonstrations.RightAngleBox.TiltedQuestion, yes: true)
        );
        board.Put(new Figure(Id, task.Angle) { Names = task.Names, Mark = OpeningMark.Arc });
        bool isRight = task.Angle.Measure.Kind == AngleKind.Right;
        board.Step(
            "no-box",
            Text.Demonstrations.Labels.NoBox,
            Text.Demonstrations.RightAngleBox.NoBox,
            Question.Open(Text.Demonstrations.RightAngleBox.NoBoxQuestion)
        );
        StandardPlacement? laying = StandardPlacement.Of(task.Angle, task.Names, task.Instrument);
        if (laying is null)
        {
            return board.Script(Key, Title, task.Angle.Measure.Degrees);
        }
        var steps = new MeasuringSteps(board, Id, laying);
        steps.LayAtOnce();
        steps.Count();
        board.Change(Id, f => f with { Written = Text.Units.Degrees(laying.Rounded) });
        board.Step(
            "verdict",
            Text.Demonstrations.Labels.Verdict,
            isRight
                ? Text.Demonstrations.RightAngleBox.IsRight(90)
                : Text.Demonstrations.RightAngleBox.IsNot(laying.Rounded)
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }
}

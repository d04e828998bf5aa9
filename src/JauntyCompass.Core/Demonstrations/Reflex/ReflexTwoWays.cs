using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Reflex;

/// <summary>The same reflex angle by two methods side by side: both must give the same number.</summary>
public sealed class ReflexTwoWays()
    : Demonstration(
        new DemonstrationFacts(
            "reflex-two-ways",
            DemonstrationGroup.Reflex,
            "A reflex angle two ways",
            "Take from 360 and add to 180, side by side, with the same result."
        )
        {
            UsualMeasure = 236,
            LeastMeasure = 185,
            MostMeasure = 355,
            WhyMeasure = "Nearer to 180° or 360° one of the two ways has nothing to measure.",
        }
    )
{
    private const string First = "first";
    private const string Second = "second";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        ReflexText.CheckInstrument(ReflexMethod.From360, task, errors);
        ReflexText.CheckInstrument(ReflexMethod.AddTo180, task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        double apart = 1.15 * Math.Max(task.Instrument.EdgeRadius, task.Angle.StartLength);
        Angle left = Moved(task.Angle, -apart);
        Angle right = Moved(task.Angle, apart);
        board.Put(new Figure(First, left) { Names = task.Names });
        board.Put(new Figure(Second, right) { Names = task.Names });
        board.Step(
            "twice",
            "Twice the same",
            "The same reflex angle twice. Half of the class takes it from 360, the other half adds to 180.",
            Question.YesOrNo("Must both ways give the same number?", yes: true)
        );
        double one = ReflexRoutes.Measure(board, First, left, task, ReflexMethod.From360);
        board.Change(First, f => f with { Written = board.Phrasing.Degrees(one) });
        double other = ReflexRoutes.Measure(board, Second, right, task, ReflexMethod.AddTo180);
        board.Change(Second, f => f with { Written = board.Phrasing.Degrees(other) });
        bool adding = Measuring.ReflexSteps.Handier(task.Angle.Measure) == ReflexMethod.AddTo180;
        board.Step(
            "compare",
            "Compare",
            $"Both ways give {board.Phrasing.Degrees(one)}. Here {(adding ? "adding to 180 is handier: only a small piece to measure" : "taking from 360 is handier: only a small piece to measure")}.",
            Question.Open("Which of the two was handier here, and why?")
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    private static Angle Moved(Angle angle, double by) =>
        angle with
        {
            Vertex = angle.Vertex with { X = angle.Vertex.X + by },
        };
}

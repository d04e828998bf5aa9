using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Reflex;

/// <summary>The same reflex angle by two methods side by side: both must give the same number.</summary>
public sealed class ReflexTwoWays()
    : Demonstration(
        new DemonstrationFacts(
            "reflex-two-ways",
            DemonstrationGroup.Reflex,
            Text.Demonstrations.Reflex.TwoWays.Title,
            Text.Demonstrations.Reflex.TwoWays.Summary
        )
        {
            UsualMeasure = 236,
            LeastMeasure = 185,
            MostMeasure = 355,
            WhyMeasure = Text.Demonstrations.Why.TwoWays,
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
            Text.Demonstrations.Labels.Twice,
            Text.Demonstrations.Reflex.Twice,
            Question.YesOrNo(Text.Demonstrations.Reflex.TwiceQuestion, yes: true)
        );
        double one = ReflexRoutes.Measure(board, First, left, task, ReflexMethod.From360);
        board.Change(First, f => f with { Written = Text.Units.Degrees(one) });
        double other = ReflexRoutes.Measure(board, Second, right, task, ReflexMethod.AddTo180);
        board.Change(Second, f => f with { Written = Text.Units.Degrees(other) });
        bool adding = Measuring.ReflexSteps.Handier(task.Angle.Measure) == ReflexMethod.AddTo180;
        board.Step(
            "compare",
            Text.Demonstrations.Labels.Compare,
            adding
                ? Text.Demonstrations.Reflex.ComparedAdding(one)
                : Text.Demonstrations.Reflex.ComparedTaking(one),
            Question.Open(Text.Demonstrations.Reflex.ComparedQuestion)
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    private static Angle Moved(Angle angle, double by) =>
        angle with
        {
            Vertex = angle.Vertex with { X = angle.Vertex.X + by },
        };
}

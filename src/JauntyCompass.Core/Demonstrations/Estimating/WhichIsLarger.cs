using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Estimating;

/// <summary>Which of two angles is larger, when the smaller one has the longer arms.</summary>
public sealed class WhichIsLarger()
    : Demonstration(
        new DemonstrationFacts(
            "which-larger",
            DemonstrationGroup.Estimating,
            Text.Demonstrations.Larger.Title,
            Text.Demonstrations.Larger.Summary
        )
        {
            UsualMeasure = 58,
            LeastMeasure = 25,
            MostMeasure = 150,
            WhyMeasure = Text.Demonstrations.Why.WouldNotShow,
        }
    )
{
    // How much smaller the angle with the long arms is, in degrees; arms and places in mm.
    private const double Less = 12;
    private const double ShortArm = 42;
    private const double LongArm = 92;
    private const double Apart = 62;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        double larger = task.Angle.Measure.Degrees;
        double smaller = larger - Less;
        Angle one = At(task.Angle, -Apart, larger, ShortArm);
        Angle other = At(task.Angle, Apart / 2, smaller, LongArm) with
        {
            Start = task.Angle.Start.Turned(9),
        };
        (Message left, Message right) = (Text.Units.Number(1), Text.Units.Number(2));
        board.Put(new Figure("one", one));
        board.Put(new Figure("two", other));
        board.Write(new Written("one", left, Beside(one)));
        board.Write(new Written("two", right, Beside(other)));
        board.Step(
            "look",
            Text.Demonstrations.Labels.Silence,
            Text.Demonstrations.Larger.Look,
            new Question(
                Text.Demonstrations.Larger.LookQuestion,
                [left, right, Text.Demonstrations.Larger.SameSize],
                0
            )
        );
        board.Sheet = board.Sheet with { Tracing = new TracingPaper(one) };
        board.Step("trace", Text.Demonstrations.Labels.Trace, Text.Demonstrations.Larger.Trace);
        board.Sheet = board.Sheet with
        {
            Tracing = new TracingPaper(
                one with
                {
                    Vertex = other.Vertex,
                    Start = other.Start,
                    StartLength = LongArm,
                    EndLength = LongArm,
                }
            ),
        };
        board.Step(
            "over",
            Text.Demonstrations.Labels.Compare,
            Text.Demonstrations.Larger.Over,
            Question.Open(Text.Demonstrations.Larger.OverQuestion)
        );
        board.Sheet = board.Sheet with { Tracing = null };
        board.Change("one", f => f with { Written = Text.Units.Degrees(larger) });
        board.Change("two", f => f with { Written = Text.Units.Degrees(smaller) });
        board.Step(
            "measures",
            Text.Demonstrations.Labels.Opening,
            Text.Demonstrations.Larger.Measures(larger, smaller)
        );
        return board.Script(Key, Title, larger);
    }

    private static Angle At(Angle angle, double x, double measure, double length) =>
        angle with
        {
            Vertex = new Point(x, 0),
            Measure = new Measure(measure),
            StartLength = length,
            EndLength = length,
        };

    private static Point Beside(Angle angle) => angle.Vertex.Towards(angle.Bisector.Opposite, 12);
}

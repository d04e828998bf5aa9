using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Constructing;

/// <summary>A right angle is halved, and its half halved again: 45° and 22½° without a graduation.</summary>
public sealed class HalvesOfHalves()
    : Demonstration(
        new DemonstrationFacts(
            "halves",
            DemonstrationGroup.Constructing,
            Text.Demonstrations.Halves.Title,
            Text.Demonstrations.Halves.Summary
        )
        {
            UsualMeasure = 90,
            LeastMeasure = 20,
            MostMeasure = 170,
            WhyMeasure = Text.Demonstrations.Why.ArcsWouldNotShow,
        }
    )
{
    private const double Arm = 88;
    private const int Times = 2;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        var work = new CompassWork(board);
        Angle angle = task.Angle with { StartLength = Arm, EndLength = Arm };
        board.Put(
            new Figure("angle", angle)
            {
                Names = task.Names,
                Mark = OpeningMarks.Of(angle),
                Written = Text.Units.Degrees(angle.Measure.Degrees),
            }
        );
        board.Step(
            "angle",
            Text.Demonstrations.Labels.TheAngle,
            Text.Demonstrations.Halves.Angle(angle.Measure.Degrees),
            Question.Open(Text.Demonstrations.Halves.AngleQuestion)
        );
        Point vertex = angle.Vertex;
        Point one = vertex.Towards(angle.Start, CompassWork.Opening);
        work.Arc("across", vertex, one, vertex.Towards(angle.End, CompassWork.Opening));
        board.Step("across", Text.Demonstrations.Labels.OneArc, Text.Demonstrations.Halves.Across);
        double whole = angle.Measure.Degrees;
        for (int time = 1; time <= Times; time++)
        {
            double half = whole / 2;
            Angle part = angle with { Measure = new Measure(whole) };
            Point other = vertex.Towards(part.End, CompassWork.Opening);
            double arcs = Math.Max(32, 0.7 * one.DistanceTo(other));
            Point meeting = CompassWork.Crossing(
                one,
                arcs,
                other,
                arcs,
                vertex.Towards(part.Bisector, 400)
            );
            work.ArcAt($"first-{time}", one, meeting);
            work.ArcAt($"second-{time}", other, meeting);
            board.Step(
                "halve",
                Text.Demonstrations.Labels.Halve,
                Text.Demonstrations.Halves.Arcs,
                Question.Open(Text.Demonstrations.Halves.HalfQuestion(whole))
            );
            work.Join($"half-{time}", vertex, meeting);
            board.Step(
                "join",
                Text.Demonstrations.Labels.Join,
                Text.Demonstrations.Halves.Half(whole, half)
            );
            work.PutAway();
            whole = half;
        }
        work.Check(angle with { Measure = new Measure(whole) }, task.Instrument);
        return board.Script(Key, Title, answer: null, task.Instrument);
    }
}

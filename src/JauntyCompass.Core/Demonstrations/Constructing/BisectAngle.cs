using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Constructing;

/// <summary>An angle is halved with compass and straightedge, checked with the protractor, and it is told why it works (Euclid, <i>Elements</i> I.8, I.9).</summary>
public sealed class BisectAngle()
    : Demonstration(
        new DemonstrationFacts(
            "bisect",
            DemonstrationGroup.Constructing,
            Text.Demonstrations.Bisect.Title,
            Text.Demonstrations.Bisect.Summary
        )
        {
            LeastMeasure = 20,
            MostMeasure = 340,
            WhyMeasure = Text.Demonstrations.Why.ArcsWouldNotShow,
        }
    )
{
    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        var work = new CompassWork(board);
        Angle angle = task.Angle with { StartLength = 84, EndLength = 84 };
        board.Put(new Figure("angle", angle) { Names = task.Names });
        board.Step(
            "angle",
            Text.Demonstrations.Labels.TheAngle,
            Text.Demonstrations.Bisect.Angle,
            Question.Open(Text.Demonstrations.Bisect.AngleQuestion)
        );
        Point vertex = angle.Vertex;
        Angle smaller = angle.Smaller;
        Point one = vertex.Towards(smaller.Start, CompassWork.Opening);
        Point other = vertex.Towards(smaller.End, CompassWork.Opening);
        work.Arc("across", vertex, one, other);
        work.Dot("one", one);
        work.Dot("other", other);
        board.Step(
            "across",
            Text.Demonstrations.Labels.OneArc,
            Text.Demonstrations.Bisect.Across,
            Question.Open(Text.Demonstrations.Bisect.AcrossQuestion)
        );
        double arcs = Math.Max(CompassWork.Opening, 0.68 * one.DistanceTo(other));
        Point meeting = CompassWork.Crossing(
            one,
            arcs,
            other,
            arcs,
            vertex.Towards(smaller.Bisector, 400)
        );
        work.ArcAt("first", one, meeting);
        board.Step("first", Text.Demonstrations.Labels.FromOne, Text.Demonstrations.Bisect.First);
        work.ArcAt("second", other, meeting);
        work.Dot("meeting", meeting);
        board.Step(
            "second",
            Text.Demonstrations.Labels.FromTheOther,
            Text.Demonstrations.Bisect.Second,
            Question.Open(Text.Demonstrations.Bisect.SecondQuestion)
        );
        bool isReflex = angle.Measure.Degrees > 180;
        work.Join("bisector", isReflex ? meeting : vertex, isReflex ? vertex : meeting);
        board.Step(
            "join",
            Text.Demonstrations.Labels.Join,
            isReflex ? Text.Demonstrations.Bisect.JoinReflex : Text.Demonstrations.Bisect.Join
        );
        double half = angle.Measure.Degrees / 2;
        work.Check(angle with { Measure = new Measure(half), EndLength = 84 }, task.Instrument);
        board.Rule(new DrawnLine("side-one", one, meeting, Ink.Extension));
        board.Rule(new DrawnLine("side-other", other, meeting, Ink.Extension));
        board.Step(
            "why",
            Text.Demonstrations.Labels.Why,
            Text.Demonstrations.Bisect.Why,
            Question.Open(Text.Demonstrations.Constructing.WhyQuestion)
        );
        return board.Script(Key, Title, answer: null, task.Instrument);
    }
}

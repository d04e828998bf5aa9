using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Constructing;

/// <summary>A right angle at a point of a line: the straight angle there is halved (Euclid, <i>Elements</i> I.11).</summary>
public sealed class RightAngleAtPoint()
    : Demonstration(
        new DemonstrationFacts(
            "build-right",
            DemonstrationGroup.Constructing,
            Text.Demonstrations.BuildRight.Title,
            Text.Demonstrations.BuildRight.Summary
        )
        {
            UsualMeasure = 90,
            LeastMeasure = 0,
            MostMeasure = 360,
        }
    )
{
    private const double Half = 84;
    private const double Arcs = 60;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        var work = new CompassWork(board);
        Point vertex = task.Angle.Vertex;
        Direction along = task.Angle.Start;
        var right = new Angle(vertex, along, new Measure(90), task.Angle.Opening, Half, Half);
        board.Rule(
            new DrawnLine("line", vertex.Towards(along.Opposite, Half), vertex.Towards(along, Half))
        );
        work.Dot("vertex", vertex);
        board.Step(
            "line",
            Text.Demonstrations.Labels.OneLine,
            Text.Demonstrations.BuildRight.Line(180),
            Question.Open(Text.Demonstrations.BuildRight.LineQuestion)
        );
        Point one = vertex.Towards(along, CompassWork.Opening);
        Point other = vertex.Towards(along.Opposite, CompassWork.Opening);
        work.ArcAt("one", vertex, one, beyond: 12);
        work.ArcAt("other", vertex, other, beyond: 12);
        work.Dot("one", one);
        work.Dot("other", other);
        board.Step(
            "across",
            Text.Demonstrations.Labels.OneArc,
            Text.Demonstrations.BuildRight.Across
        );
        Point meeting = CompassWork.Crossing(
            one,
            Arcs,
            other,
            Arcs,
            vertex.Towards(right.End, 400)
        );
        work.ArcAt("first", one, meeting);
        work.ArcAt("second", other, meeting);
        work.Dot("meeting", meeting);
        board.Step(
            "second",
            Text.Demonstrations.Labels.Meet,
            Text.Demonstrations.BuildRight.Arcs,
            Question.Open(Text.Demonstrations.BuildRight.ArcsQuestion)
        );
        work.Join("upright", vertex, meeting);
        board.Step("join", Text.Demonstrations.Labels.Join, Text.Demonstrations.BuildRight.Join);
        work.Check(right, task.Instrument);
        return board.Script(Key, Title, answer: null, task.Instrument);
    }
}

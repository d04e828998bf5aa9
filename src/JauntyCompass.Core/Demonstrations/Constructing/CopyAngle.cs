using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Constructing;

/// <summary>An angle is copied onto a ray with compass and straightedge, checked, and it is told why it works (Euclid, <i>Elements</i> I.8, I.22, I.23).</summary>
public sealed class CopyAngle()
    : Demonstration(
        new DemonstrationFacts(
            "copy",
            DemonstrationGroup.Constructing,
            Text.Demonstrations.Copy.Title,
            Text.Demonstrations.Copy.Summary
        )
        {
            UsualMeasure = 52,
            LeastMeasure = 15,
            MostMeasure = 165,
            WhyMeasure = Text.Demonstrations.Why.ArcsWouldNotShow,
        }
    )
{
    private const double Arm = 74;
    private const double Apart = 118;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        Angle angle = task.Angle with { StartLength = Arm, EndLength = Arm };
        var beside = new Point(
            angle.Vertex.X + Apart + (angle.End.SinCos().Cos < 0 ? 40 : 0),
            angle.Vertex.Y
        );
        return Of(
            task with
            {
                Angle = angle,
            },
            new BaseRay(beside, angle.Start.Turned(angle.Opening.Sign() * 12), Arm),
            angle.Opening,
            task.Names.Others
        );
    }

    /// <summary>How an item is worked.</summary>
    internal static WorkedExample Example(
        DemonstrationTask task,
        BaseRay ray,
        TurnDirection opening,
        AngleNames names
    ) => new("copy", task) { Own = Of(task, ray, opening, names) };

    private static Script Of(
        DemonstrationTask task,
        BaseRay ray,
        TurnDirection opening,
        AngleNames names
    )
    {
        var board = new Storyboard(task.Rules);
        var work = new CompassWork(board);
        Angle angle = task.Angle;
        double radius = Math.Min(
            CompassWork.Opening,
            Math.Min(angle.StartLength, angle.EndLength) - 6
        );
        Angle copy = new(ray.Vertex, ray.Direction, angle.Measure, opening, ray.Length, ray.Length);
        board.Put(new Figure("angle", angle) { Names = task.Names });
        board.Put(
            new Figure("copy", copy)
            {
                Names = names,
                HasEnd = false,
                Mark = OpeningMark.None,
            }
        );
        board.Step(
            "ray",
            Text.Demonstrations.Labels.Ray,
            Text.Demonstrations.Copy.Ray(names.StartRay),
            Question.Open(Text.Demonstrations.Copy.RayQuestion)
        );
        Point one = angle.Vertex.Towards(angle.Start, radius);
        Point other = angle.Vertex.Towards(angle.End, radius);
        work.Arc("across", angle.Vertex, one, other);
        work.Dot("one", one);
        work.Dot("other", other);
        board.Step("across", Text.Demonstrations.Labels.OneArc, Text.Demonstrations.Copy.Across);
        Point on = copy.Vertex.Towards(copy.Start, radius);
        Point wanted = copy.Vertex.Towards(copy.End, radius);
        work.Arc("same", copy.Vertex, on, wanted);
        work.Dot("on", on);
        board.Step(
            "same",
            Text.Demonstrations.Labels.SameArc,
            Text.Demonstrations.Copy.Same,
            Question.Open(Text.Demonstrations.Copy.SameQuestion)
        );
        work.Stand(one, other);
        board.Step(
            "distance",
            Text.Demonstrations.Labels.Distance,
            Text.Demonstrations.Copy.Distance,
            Question.Open(Text.Demonstrations.Copy.DistanceQuestion)
        );
        work.ArcAt("step", on, wanted);
        work.Dot("meeting", wanted);
        board.Step("step", Text.Demonstrations.Labels.StepOff, Text.Demonstrations.Copy.Step);
        work.Join("ray", copy.Vertex, wanted);
        board.Step("join", Text.Demonstrations.Labels.Join, Text.Demonstrations.Copy.Join);
        work.Check(copy, task.Instrument);
        board.Rule(new DrawnLine("side-one", one, other, Ink.Extension));
        board.Rule(new DrawnLine("side-other", on, wanted, Ink.Extension));
        board.Step(
            "why",
            Text.Demonstrations.Labels.Why,
            Text.Demonstrations.Copy.Why,
            Question.Open(Text.Demonstrations.Constructing.WhyQuestion)
        );
        return board.Script(
            "copy",
            Text.Demonstrations.Copy.Title,
            angle.Measure.Degrees,
            task.Instrument
        );
    }
}

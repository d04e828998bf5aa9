using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Constructing;

/// <summary>
/// An angle of so many times 15° is built on a ray with one opening and by halving: 60° by three equal sides (Euclid, <i>Elements</i> I.1),
/// the rest by bisectors (I.9).
/// </summary>
public sealed class BuildAngle()
    : Demonstration(
        new DemonstrationFacts(
            "build",
            DemonstrationGroup.Constructing,
            Text.Demonstrations.Build.Title,
            Text.Demonstrations.Build.Summary
        )
        {
            UsualMeasure = 60,
            LeastMeasure = 15,
            MostMeasure = 165,
            WhyMeasure = Text.Demonstrations.Why.StepsOf15,
        }
    )
{
    private const double Ray = 84;

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (errors.None && task.Angle.Measure.Degrees % StepsOf15.Step != 0)
        {
            errors.Add("angle.measure", Text.Validation.Item.StepsOf15);
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task) =>
        Of(
            ConstructionAim.Building(
                new BaseRay(task.Angle.Vertex, task.Angle.Start, Ray),
                task.Angle.Opening,
                task.Angle.Measure.Degrees
            ),
            task.Instrument,
            task.Names,
            task.Rules
        );

    /// <summary>How an item is worked.</summary>
    internal static WorkedExample Example(
        ConstructionAim aim,
        Protractor instrument,
        AngleNames names,
        HouseRules rules
    ) =>
        new(
            "build",
            new DemonstrationTask(
                new Angle(
                    aim.Vertex,
                    aim.Start,
                    new Measure(aim.Degrees),
                    aim.Opening,
                    aim.Rays[0].Length,
                    aim.Rays[0].Length
                ),
                instrument,
                names,
                rules
            )
        )
        {
            Own = Of(aim, instrument, names, rules),
        };

    private static Script Of(
        ConstructionAim aim,
        Protractor instrument,
        AngleNames names,
        HouseRules rules
    )
    {
        var board = new Storyboard(rules);
        var work = new CompassWork(board);
        var angle = new Angle(
            aim.Vertex,
            aim.Start,
            new Measure(aim.Degrees),
            aim.Opening,
            aim.Rays[0].Length,
            aim.Rays[0].Length
        );
        board.Put(
            new Figure("angle", angle)
            {
                Names = names,
                HasEnd = false,
                Mark = OpeningMark.None,
            }
        );
        board.Step(
            "ray",
            Text.Demonstrations.Labels.Ray,
            Text.Demonstrations.Build.Ray(aim.Degrees),
            Question.Open(Text.Demonstrations.Build.RayQuestion)
        );
        int degrees = (int)Math.Round(aim.Degrees);
        int reach = StepsOf15.Reach(degrees);
        work.Arc("around", aim.Vertex, At(aim, 0), At(aim, reach));
        work.Dot("0", At(aim, 0));
        board.Step("around", Text.Demonstrations.Labels.OneArc, Text.Demonstrations.Build.Around);
        Find(board, work, aim, degrees, last: true);
        work.Check(angle, instrument);
        if (degrees == 60)
        {
            board.Rule(new DrawnLine("side", At(aim, 0), At(aim, 60), Ink.Extension));
            board.Step(
                "why",
                Text.Demonstrations.Labels.Why,
                Text.Demonstrations.Build.Why,
                Question.Open(Text.Demonstrations.Constructing.WhyQuestion)
            );
        }
        return board.Script("build", Text.Demonstrations.Build.Title, aim.Degrees, instrument);
    }

    private static Point At(ConstructionAim aim, double degrees) =>
        aim.Vertex.Towards(aim.Start.Turned(aim.Opening.Sign() * degrees), CompassWork.Opening);

    // Finds the point of the first arc some way round, with all that it takes.
    private static void Find(
        Storyboard board,
        CompassWork work,
        ConstructionAim aim,
        int degrees,
        bool last
    )
    {
        string id = degrees.ToString(System.Globalization.CultureInfo.InvariantCulture);
        if (board.Sheet.Dots.Any(d => d.Id == id))
        {
            return;
        }
        if (degrees % 60 == 0)
        {
            Find(board, work, aim, degrees - 60, last: false);
            work.ArcAt($"step-{id}", At(aim, degrees - 60), At(aim, degrees));
            work.Dot(id, At(aim, degrees));
            board.Step(
                "step",
                Text.Demonstrations.Labels.StepOff,
                Text.Demonstrations.Build.Step(degrees)
            );
            if (last)
            {
                Joined(board, work, aim, At(aim, degrees), degrees);
            }
            return;
        }
        (int from, int to) = StepsOf15.HalvedBetween(degrees);
        Find(board, work, aim, from, last: false);
        Find(board, work, aim, to, last: false);
        Point one = At(aim, from);
        Point other = At(aim, to);
        double arcs = Math.Max(30, 0.75 * one.DistanceTo(other));
        Point meeting = CompassWork.Crossing(
            one,
            arcs,
            other,
            arcs,
            aim.Vertex.Towards(aim.Start.Turned(aim.Opening.Sign() * degrees), 400)
        );
        work.ArcAt($"first-{id}", one, meeting);
        work.ArcAt($"second-{id}", other, meeting);
        board.Step(
            "halve",
            Text.Demonstrations.Labels.Halve,
            Text.Demonstrations.Build.Halve(from, to, degrees)
        );
        Joined(board, work, aim, meeting, degrees);
        if (!last)
        {
            work.Dot(id, At(aim, degrees));
        }
    }

    private static void Joined(
        Storyboard board,
        CompassWork work,
        ConstructionAim aim,
        Point through,
        int degrees
    )
    {
        work.Join($"ray-{degrees}", aim.Vertex, through);
        board.Step(
            "join",
            Text.Demonstrations.Labels.Join,
            Text.Demonstrations.Build.Join(degrees)
        );
        work.PutAway();
    }
}

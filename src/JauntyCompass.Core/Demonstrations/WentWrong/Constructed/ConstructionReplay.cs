using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Constructing;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Constructed;

/// <summary>A construction that went wrong: the sheet with all its arcs is shown, guessed, told and put right.</summary>
/// <param name="key">Short unique name, without the <c>explained-</c> that all told mistakes have.</param>
/// <param name="title">What a teacher calls it.</param>
public abstract class ConstructionReplay(string key, Message title)
    : ExplainedReplay(
        ExplainedFacts($"explained-{key}", title) with
        {
            LeastMeasure = 30,
            MostMeasure = 130,
        }
    )
{
    private const double Arm = 84;

    /// <summary>Every construction that went wrong.</summary>
    public static IReadOnlyList<ConstructionReplay> All { get; } =
    [
        new OpeningSlipped(),
        new OpeningsUnlike(),
        new NeedleBeside(),
        new ArcsDoNotMeet(),
        new JoinedToAnother(),
        new CopiedWithProtractor(),
    ];

    /// <summary>The angle of the task with arms that the arcs cross.</summary>
    private protected static Angle OnSheet(DemonstrationTask task) =>
        task.Angle with
        {
            StartLength = Arm,
            EndLength = Arm,
        };

    /// <summary>Where the first arc crosses an arm.</summary>
    private protected static Point On(Angle angle, WhichArm arm) =>
        angle.Vertex.Towards(angle[arm].Direction, CompassWork.Opening);

    /// <summary>The angle with one arc across both arms.</summary>
    private protected static CompassWork Across(
        DemonstrationTask task,
        Storyboard board,
        double beyond = 9
    )
    {
        Angle angle = OnSheet(task);
        board.Put(new Figure(Id, angle) { Names = task.Names, Mark = OpeningMark.None });
        var work = new CompassWork(board);
        work.Arc(
            "across",
            angle.Vertex,
            On(angle, WhichArm.Start),
            On(angle, WhichArm.End),
            beyond: beyond
        );
        return work;
    }

    /// <summary>Where arcs of two openings from two points meet inside the angle.</summary>
    private protected static Point Meeting(
        Angle angle,
        Point one,
        double opening,
        Point other,
        double second
    ) =>
        CompassWork.Crossing(
            one,
            opening,
            other,
            second,
            angle.Vertex.Towards(angle.Bisector, 400)
        );

    /// <summary>A usual opening from the crossings.</summary>
    private protected static double ArcsOf(Angle angle) =>
        Math.Max(
            CompassWork.Opening,
            0.68 * On(angle, WhichArm.Start).DistanceTo(On(angle, WhichArm.End))
        );

    private protected override void Right(DemonstrationTask task, Storyboard board)
    {
        Angle angle = OnSheet(task);
        CompassWork work = Across(task, board);
        (Point one, Point other) = (On(angle, WhichArm.Start), On(angle, WhichArm.End));
        double arcs = ArcsOf(angle);
        Point meeting = Meeting(angle, one, arcs, other, arcs);
        work.ArcAt("first", one, meeting);
        work.ArcAt("second", other, meeting);
        work.Join("bisector", angle.Vertex, meeting);
        work.PutAway();
    }

    private protected override bool IsAboutMeasure => false;
}

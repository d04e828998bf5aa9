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
    private protected static CompassWork Across(DemonstrationTask task, Storyboard board)
    {
        Angle angle = OnSheet(task);
        board.Put(new Figure(Id, angle) { Names = task.Names, Mark = OpeningMark.None });
        var work = new CompassWork(board);
        work.Arc("across", angle.Vertex, On(angle, WhichArm.Start), On(angle, WhichArm.End));
        return work;
    }

    /// <summary>A usual opening from the crossings.</summary>
    private protected static double ArcsOf(Angle angle) =>
        Math.Max(
            CompassWork.Opening,
            0.68 * On(angle, WhichArm.Start).DistanceTo(On(angle, WhichArm.End))
        );

    /// <summary>The angle with its arc, two arcs from the crossings, and the line to where they meet.</summary>
    /// <param name="task">The task.</param>
    /// <param name="board">The steps.</param>
    /// <param name="slipped">By how much the second opening differs from the first, in mm.</param>
    /// <param name="beside">How far beyond its crossing the second needle stands, in mm.</param>
    private protected static void Halved(
        DemonstrationTask task,
        Storyboard board,
        double slipped = 0,
        double beside = 0
    )
    {
        Angle angle = OnSheet(task);
        CompassWork work = Across(task, board);
        Point one = On(angle, WhichArm.Start);
        Point other = On(angle, WhichArm.End).Towards(angle.End, beside);
        double arcs = ArcsOf(angle);
        Point meeting = CompassWork.Crossing(
            one,
            arcs,
            other,
            arcs + slipped,
            angle.Vertex.Towards(angle.Bisector, 400)
        );
        work.ArcAt("first", one, meeting);
        work.ArcAt("second", other, meeting);
        work.Join("bisector", angle.Vertex, meeting);
        work.PutAway();
    }

    private protected override void Right(DemonstrationTask task, Storyboard board) =>
        Halved(task, board);

    private protected override bool IsAboutMeasure => false;
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.Naming;

/// <summary>Vertex, arms, the opening between them, the degree.</summary>
public sealed class PartsOfAnAngle()
    : Demonstration(
        new DemonstrationFacts(
            "parts",
            DemonstrationGroup.Words,
            "The parts of an angle",
            "Vertex, arms, the opening between them, and the degree."
        )
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        string arm = board.Phrasing.Words.Arm;
        var names = task.Names;
        board.Put(
            new Figure(Id, task.Angle)
            {
                Names = names,
                Mark = OpeningMark.None,
                VertexSpotlight = true,
            }
        );
        board.Step(
            "vertex",
            "Vertex",
            $"{names.Vertex} is the vertex: the point where both {arm}s begin.",
            Question.Open("Where do the two lines meet, and what is that point called?")
        );
        board.Change(Id, f => f with { VertexSpotlight = false, Spotlight = WhichArm.Start });
        board.Step(
            "start-arm",
            "First " + arm,
            $"{names.StartRay} is one {arm}. It starts at {names.Vertex} and goes on and on: we name it from its endpoint outward."
        );
        board.Change(Id, f => f with { Spotlight = WhichArm.End });
        board.Step("end-arm", "Second " + arm, $"{names.EndRay} is the other {arm}.");
        board.Change(Id, f => f with { Spotlight = null, Mark = OpeningMark.Arc });
        board.Step(
            "opening",
            "Opening",
            $"The arc shows the opening between the {arm}s. That opening is the angle, not the length of the {arm}s."
        );
        Longer(board, task.Angle);
        board.Change(
            Id,
            f => f with { Written = board.Phrasing.Degrees(task.Angle.Measure.Degrees) }
        );
        board.Step(
            "degree",
            "Degree",
            $"An opening is measured in degrees: a full turn has {board.Phrasing.Degrees(360)}. This one has {board.Phrasing.Degrees(task.Angle.Measure.Degrees)}."
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees);
    }

    private static void Longer(Storyboard board, Angle angle)
    {
        const double More = 25;
        string arm = board.Phrasing.Words.Arm;
        board.Change(
            Id,
            f =>
                f with
                {
                    StartExtendedTo = angle.StartLength + More,
                    EndExtendedTo = angle.EndLength + More,
                }
        );
        board.Step(
            "longer",
            "Longer " + arm + "s",
            $"No: longer {arm}s do not open wider. The angle stays the same.",
            Question.YesOrNo($"We draw both {arm}s longer. Is the angle larger now?", yes: false)
        );
        board.Change(Id, f => f with { StartExtendedTo = null, EndExtendedTo = null });
    }
}

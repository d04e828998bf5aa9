using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Naming;

/// <summary>Vertex, arms, the opening between them, the degree.</summary>
public sealed class PartsOfAnAngle()
    : Demonstration(
        new DemonstrationFacts(
            "parts",
            DemonstrationGroup.Words,
            Text.Demonstrations.Parts.Title,
            Text.Demonstrations.Parts.Summary
        )
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
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
            Text.Demonstrations.Labels.Vertex,
            Text.Demonstrations.Parts.Vertex(names.Vertex),
            Question.Open(Text.Demonstrations.Parts.VertexQuestion)
        );
        board.Change(Id, f => f with { VertexSpotlight = false, Spotlight = WhichArm.Start });
        board.Step(
            "start-arm",
            Text.Demonstrations.Labels.FirstArm,
            Text.Demonstrations.Parts.FirstArm(names.StartRay, names.Vertex)
        );
        board.Change(Id, f => f with { Spotlight = WhichArm.End });
        board.Step(
            "end-arm",
            Text.Demonstrations.Labels.SecondArm,
            Text.Demonstrations.Parts.SecondArm(names.EndRay)
        );
        board.Change(Id, f => f with { Spotlight = null, Mark = OpeningMark.Arc });
        board.Step(
            "opening",
            Text.Demonstrations.Labels.Opening,
            Text.Demonstrations.Parts.Opening
        );
        Longer(board, task.Angle);
        board.Change(Id, f => f with { Written = Text.Units.Degrees(task.Angle.Measure.Degrees) });
        board.Step(
            "degree",
            Text.Demonstrations.Labels.Degree,
            Text.Demonstrations.Parts.Degree(360, task.Angle.Measure.Degrees)
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees);
    }

    private static void Longer(Storyboard board, Angle angle)
    {
        const double More = 25;
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
            Text.Demonstrations.Labels.Longer,
            Text.Demonstrations.Parts.Longer,
            Question.YesOrNo(Text.Demonstrations.Parts.LongerQuestion, yes: false)
        );
        board.Change(Id, f => f with { StartExtendedTo = null, EndExtendedTo = null });
    }
}

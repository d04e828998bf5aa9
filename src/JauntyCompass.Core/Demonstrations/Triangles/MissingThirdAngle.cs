using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Triangles;

/// <summary>The third angle of a triangle from the other two (Euclid I.32).</summary>
public sealed class MissingThirdAngle()
    : Demonstration(
        new DemonstrationFacts(
            "third-angle",
            DemonstrationGroup.Triangles,
            Text.Demonstrations.Triangles.ThirdTitle,
            Text.Demonstrations.Triangles.ThirdSummary
        )
        {
            UsualMeasure = 48,
            LeastMeasure = 20,
            MostMeasure = 110,
            WhyMeasure = Text.Demonstrations.Why.FigureNeedsRoom,
        }
    )
{
    private const double Longest = 130;

    // The second corner's share of what the first leaves, as in the demonstration of a triangle's angles.
    private const double Share = 0.44;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        double first = task.Angle.Measure.Degrees;
        double second = Math.Round((180 - first) * Share);
        double third = 180 - first - second;
        Triangle triangle = Triangle
            .OfAngles(first, second, Longest)
            .Moved(0, mirrored: false, default);
        var board = new Storyboard(task.Rules) { Sheet = TriangleSheet.Of(triangle) };
        board.Write(TriangleSheet.InCorner("a", triangle, 0, Text.Units.Degrees(first)));
        board.Write(TriangleSheet.InCorner("b", triangle, 1, Text.Units.Degrees(second)));
        board.Step(
            "given",
            Text.Demonstrations.Labels.TheFigure,
            Text.Demonstrations.Triangles.ThirdGiven(first, second)
        );
        board.Step(
            "together",
            Text.Demonstrations.Labels.Together,
            Text.Demonstrations.Triangles.ThirdTogether(180),
            Question.Open(Text.Demonstrations.Triangles.ThirdQuestion)
        );
        board.Step(
            "two",
            Text.Demonstrations.Labels.AddTwo,
            Text.Demonstrations.Triangles.ThirdAdd(first, second, first + second)
        );
        board.Write(TriangleSheet.InCorner("c", triangle, 2, Text.Units.Degrees(third)));
        board.Step(
            "rest",
            Text.Demonstrations.Labels.TheRest,
            Text.Demonstrations.Triangles.ThirdRest(180, first + second, third)
        );
        board.Step(
            "check",
            Text.Demonstrations.Labels.Check,
            Text.Demonstrations.Triangles.ThirdCheck(180),
            Question.Open(Text.Demonstrations.Triangles.ThirdCheckQuestion)
        );
        return board.Script(Key, Title, null);
    }
}

using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Triangles;

/// <summary>
/// Two triangles with two angles given in each: the third ones, whether the triangles are similar and why, and which sides go together
/// (Euclid VI.4).
/// </summary>
public sealed class SimilarByAngles()
    : Demonstration(
        new DemonstrationFacts(
            "similar-triangles",
            DemonstrationGroup.Triangles,
            Text.Demonstrations.Triangles.SimilarTitle,
            Text.Demonstrations.Triangles.SimilarSummary
        )
        {
            LeastMeasure = 0,
            MostMeasure = 360,
        }
    )
{
    private static readonly AnglesOfTwo Usual = new([40, 75, 65], 2, [65, 40, 75], 1);

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task) =>
        // It is about its own triangles, not about the angle of the task.
        Of(
            TriangleSheet.SideBySide(
                Triangle.OfAngles(40, 75, 66),
                Triangle.OfAngles(65, 40, 96).Moved(-30, mirrored: false, default)
            ),
            Usual,
            task.Rules
        );

    /// <summary>How an item is worked.</summary>
    internal static WorkedExample Example(
        TrianglePair pair,
        AnglesOfTwo angles,
        HouseRules rules
    ) =>
        WorkedExample.Of(
            DemonstrationCatalogue.Find("similar-triangles")!,
            Of(pair, angles, rules),
            rules
        );

    private static Script Of(TrianglePair pair, AnglesOfTwo angles, HouseRules rules)
    {
        var board = new Storyboard(rules) { Sheet = TriangleSheet.Of(pair) };
        for (int corner = 0; corner < Triangle.Count; corner++)
        {
            foreach (bool second in new[] { false, true })
            {
                if (corner != angles.HiddenOf(second))
                {
                    Write(board, pair, angles, second, corner);
                }
            }
        }
        board.Step(
            "figure",
            Text.Demonstrations.Labels.TheFigure,
            Text.Demonstrations.Triangles.SimilarFigure
        );
        foreach (bool second in new[] { false, true })
        {
            int hidden = angles.HiddenOf(second);
            Write(board, pair, angles, second, hidden);
            IReadOnlyList<int> all = angles.Of(second);
            int sum = all.Sum() - all[hidden];
            board.Step(
                "third",
                Text.Demonstrations.Labels.ThirdAngle,
                Text.Demonstrations.Triangles.ThirdRest(180, sum, all[hidden]),
                Question.Open(
                    Text.Demonstrations.Triangles.SimilarThirdQuestion(
                        TrianglePair.Letter(second, hidden)
                    )
                )
            );
        }
        int equal = angles.First.Intersect(angles.Second).Count();
        board.Step(
            "compare",
            Text.Demonstrations.Labels.Compare,
            equal == Triangle.Count ? Text.Demonstrations.Triangles.SimilarAll
                : equal == 1 ? Text.Demonstrations.Triangles.SimilarOne
                : Text.Demonstrations.Triangles.SimilarNone,
            Question.Open(Text.Demonstrations.Triangles.SimilarQuestion)
        );
        if (equal == Triangle.Count)
        {
            MatchSides(board, angles);
        }
        return board.Script("similar-triangles", Text.Demonstrations.Triangles.SimilarTitle, null);
    }

    private static void Write(
        Storyboard board,
        TrianglePair pair,
        AnglesOfTwo angles,
        bool second,
        int corner
    ) =>
        board.Write(
            TriangleSheet.InCorner(
                TriangleSheet.Id("measure", second, corner),
                second ? pair.Second : pair.First,
                corner,
                Text.Units.Degrees(angles.Of(second)[corner])
            )
        );

    // Opposite equal angles.
    private static void MatchSides(Storyboard board, AnglesOfTwo angles)
    {
        for (int corner = 0; corner < Triangle.Count; corner++)
        {
            int measure = angles.First[corner];
            int other = angles.Second.ToList().IndexOf(measure);
            board.Step(
                "sides",
                Text.Demonstrations.Labels.SidesTogether,
                Text.Demonstrations.Triangles.SimilarSides(
                    measure,
                    TrianglePair.SideName(second: false, Triangle.Next(corner)),
                    TrianglePair.SideName(second: true, Triangle.Next(other))
                )
            );
        }
    }
}

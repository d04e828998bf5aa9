using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations.Naming;

/// <summary>All kinds of angle, from zero to a full turn, by opening an arm.</summary>
public sealed class KindsOfAngle()
    : Demonstration(
        new DemonstrationFacts(
            "kinds",
            DemonstrationGroup.Words,
            "Kinds of angle",
            "From zero to a full turn, by opening an arm."
        )
        {
            LeastMeasure = 0,
            MostMeasure = 360,
        }
    )
{
    private const string Id = "angle";

    // Plain representatives: none near a boundary but the boundaries themselves.
    private static readonly double[] Shown = [0, 40, 90, 130, 180, 250, 360];

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        string arm = board.Phrasing.Words.Arm;
        foreach (double degrees in Shown)
        {
            Angle angle = task.Angle with { Measure = new Measure(degrees) };
            AngleKind kind = angle.Measure.Kind;
            board.Put(
                new Figure(Id, angle)
                {
                    Names = task.Names,
                    Mark =
                        degrees == 0 ? OpeningMark.None
                        : degrees == 360 ? OpeningMark.Turn
                        : OpeningMarks.Of(angle),
                    Written = Numbers.Adjective(kind),
                }
            );
            board.Step(
                Numbers.Adjective(kind).Replace(' ', '-'),
                MeasuringSteps.Capital(Numbers.Adjective(kind)),
                Caption(kind, arm, board.Phrasing),
                degrees == 0
                    ? null
                    : Question.Open($"Open the {arm} further. What kind of angle is it now?")
            );
        }
        return board.Script(Key, Title, null);
    }

    private static string Caption(AngleKind kind, string arm, Phrasing phrasing) =>
        kind switch
        {
            AngleKind.Zero =>
                $"Both {arm}s lie on each other: a zero angle, {phrasing.Degrees(0)}. Now one of them opens.",
            AngleKind.Acute =>
                $"Acute: more than {phrasing.Degrees(0)}, less than a right angle, {phrasing.Degrees(90)}.",
            AngleKind.Right => $"Right: exactly {phrasing.Degrees(90)}. It gets a box, not an arc.",
            AngleKind.Obtuse =>
                $"Obtuse: more than {phrasing.Degrees(90)}, less than {phrasing.Degrees(180)}.",
            AngleKind.Straight =>
                $"Straight: exactly {phrasing.Degrees(180)}. The {arm}s make one line, and it is still an angle.",
            AngleKind.Reflex =>
                $"Reflex: more than {phrasing.Degrees(180)}, less than {phrasing.Degrees(360)}. The arc goes round the outside: where it stands says which opening is meant.",
            _ => $"Full turn: {phrasing.Degrees(360)}. The {arm} is back where it began.",
        };
}

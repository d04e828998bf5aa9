using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Naming;

/// <summary>All kinds of angle, from zero to a full turn, by opening an arm.</summary>
public sealed class KindsOfAngle()
    : Demonstration(
        new DemonstrationFacts(
            "kinds",
            DemonstrationGroup.Words,
            Text.Demonstrations.Kinds.Title,
            Text.Demonstrations.Kinds.Summary
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
                    Written = Text.Angles.Adjective(kind),
                }
            );
            board.Step(
                KeyOf(kind),
                Text.Demonstrations.Labels.OfKind(kind),
                Caption(kind),
                degrees == 0 ? null : Question.Open(Text.Demonstrations.Kinds.OfQuestion)
            );
        }
        return board.Script(Key, Title, null);
    }

    private static string KeyOf(AngleKind kind) =>
        kind == AngleKind.FullTurn ? "full-turn" : kind.ToString().ToLowerInvariant();

    // A kind lies between the one and the other, or is exactly the one.
    private static Message Caption(AngleKind kind) =>
        kind switch
        {
            AngleKind.Zero or AngleKind.Acute => Text.Demonstrations.Kinds.Of(kind, 0, 90),
            AngleKind.Right or AngleKind.Obtuse => Text.Demonstrations.Kinds.Of(kind, 90, 180),
            AngleKind.Straight or AngleKind.Reflex => Text.Demonstrations.Kinds.Of(kind, 180, 360),
            _ => Text.Demonstrations.Kinds.Of(kind, 360, 360),
        };
}

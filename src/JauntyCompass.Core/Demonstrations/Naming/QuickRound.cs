using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Naming;

/// <summary>A quick round for the whole class: fifteen angles, one press to the next, the answer on the press between.</summary>
public sealed class QuickRound()
    : Demonstration(
        new DemonstrationFacts(
            "quick-round",
            DemonstrationGroup.Words,
            Text.Demonstrations.QuickRound.Title,
            Text.Demonstrations.QuickRound.Summary
        )
    )
{
    private const string Id = "angle";
    private const int Tilts = 36;

    // Lengths of arms, in mm: short and long for small and large alike.
    private const int Shortest = 45;
    private const int LongestArm = 95;

    private static readonly AngleKind[] Asked =
    [
        AngleKind.Acute,
        AngleKind.Right,
        AngleKind.Obtuse,
        AngleKind.Straight,
        AngleKind.Reflex,
    ];

    // So many of each; in all fifteen.
    private static readonly int[] HowMany = [4, 3, 4, 1, 3];

    // Never so near to a boundary that the eye could not say.
    private static (int Least, int Most) Range(AngleKind kind) =>
        kind switch
        {
            AngleKind.Acute => (18, 76),
            AngleKind.Right => (90, 90),
            AngleKind.Obtuse => (104, 163),
            AngleKind.Straight => (180, 180),
            _ => (203, 330),
        };

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        SeededRandom random = SeededRandom.Named(
            0,
            Key,
            (int)Math.Round(task.Angle.Measure.Degrees * 10)
        );
        List<AngleKind> kinds = [.. Asked.Zip(HowMany, Enumerable.Repeat).SelectMany(k => k)];
        random.Shuffle(kinds);
        for (int i = 0; i < kinds.Count; i++)
        {
            AngleKind kind = kinds[i];
            (int least, int most) = Range(kind);
            var angle = new Angle(
                default,
                new Direction(random.Below(Tilts) * (360.0 / Tilts)),
                new Measure(random.Between(least, most)),
                random.Chance(0.5) ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
                random.Between(Shortest, LongestArm),
                random.Between(Shortest, LongestArm)
            );
            board.Put(
                new Figure($"{Id}-{i + 1}", angle)
                {
                    Mark = OpeningMarks.Of(angle),
                    Written = Text.Angles.Adjective(kind),
                }
            );
            board.Sheet = board.Sheet with { Figures = [board.Sheet.Figures[^1]] };
            board.Step(
                "kind",
                Text.Demonstrations.Labels.Numbered(i + 1),
                Text.Demonstrations.QuickRound.Answer(i + 1, kind),
                new Question(
                    Text.Demonstrations.QuickRound.Which(i + 1),
                    [.. Asked.Select(k => Text.Angles.Adjective(k))],
                    Array.IndexOf(Asked, kind)
                )
            );
        }
        return board.Script(Key, Title, null);
    }
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>The step at which the kind of an angle is said by eye; close to a right angle the eye is not asked to decide.</summary>
internal static class KindStep
{
    // Nearer to 90° than this, in degrees, no eye can say the kind. Common practice, no source.
    private const double TooNearToSay = 10;

    /// <summary>Says the kind of a figure and writes it beside the arc.</summary>
    internal static void Add(Storyboard board, string figureId, Angle given)
    {
        AngleKind[] choices =
        [
            AngleKind.Acute,
            AngleKind.Right,
            AngleKind.Obtuse,
            AngleKind.Straight,
            AngleKind.Reflex,
        ];
        AngleKind kind = given.Measure.Kind;
        if (kind != AngleKind.Right && Math.Abs(given.Measure.Degrees - 90) <= TooNearToSay)
        {
            board.Change(figureId, f => f with { Written = Text.Angles.AdjectiveQuestion(kind) });
            board.Step(
                "kind",
                Text.Demonstrations.Labels.Kind,
                Text.Demonstrations.Kind.Unsure(kind),
                Question.Open(Text.Demonstrations.Kind.UnsureQuestion)
            );
            return;
        }
        board.Change(figureId, f => f with { Written = Text.Angles.Adjective(kind) });
        board.Step(
            "kind",
            Text.Demonstrations.Labels.Kind,
            Text.Demonstrations.Kind.Looked(kind),
            new Question(
                Text.Demonstrations.Kind.Question,
                [.. choices.Select(k => Text.Angles.Adjective(k))],
                Array.IndexOf(choices, kind)
            )
        );
    }
}

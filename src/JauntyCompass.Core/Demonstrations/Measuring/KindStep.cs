using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Wording;

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
            board.Change(figureId, f => f with { Written = $"{Numbers.Adjective(kind)}?" });
            board.Step(
                "kind",
                "Kind",
                $"It is close to a right angle, so the eye cannot be sure. We write “{Numbers.Adjective(kind)}?” and let the protractor decide.",
                Question.Open("Is it less than a right angle, or more? How sure are you?")
            );
            return;
        }
        board.Change(figureId, f => f with { Written = Numbers.Adjective(kind) });
        board.Step(
            "kind",
            "Kind",
            $"Look first: {Numbers.Compared(kind)}. It is {Numbers.WithArticle(kind)}, and we write that down.",
            new Question(
                "Which kind of angle is this?",
                [.. choices.Select(Numbers.Adjective)],
                Array.IndexOf(choices, kind)
            )
        );
    }
}

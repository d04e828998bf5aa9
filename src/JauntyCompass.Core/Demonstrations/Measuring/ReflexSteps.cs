using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>How the smaller angle, or the extra beyond a straight line, becomes the reflex one.</summary>
internal static class ReflexSteps
{
    internal static void TakeFrom360(Storyboard board, StandardPlacement laying)
    {
        double result = 360 - laying.Rounded;
        board.Step(
            "take-from-360",
            Text.Demonstrations.Labels.From360,
            Text.Demonstrations.Reflex.TakeFrom360(360, laying.Rounded, result),
            Question.Open(Text.Demonstrations.Reflex.TakeFrom360Question)
        );
    }

    internal static void AddTo180(Storyboard board, StandardPlacement beyond)
    {
        double result = 180 + beyond.Rounded;
        board.Step(
            "add-to-180",
            Text.Demonstrations.Labels.Add180,
            Text.Demonstrations.Reflex.Add180(180, beyond.Rounded, result),
            Question.Open(Text.Demonstrations.Reflex.Add180Question)
        );
    }

    /// <summary>Which of the two ways is handier: adding a little over 180, taking from 360 close to 360.</summary>
    internal static ReflexMethod Handier(Measure measure) =>
        measure.Degrees <= 270 ? ReflexMethod.AddTo180 : ReflexMethod.From360;
}

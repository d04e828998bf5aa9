using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>How the smaller angle, or the extra beyond a straight line, becomes the reflex one.</summary>
internal static class ReflexSteps
{
    internal static void TakeFrom360(Storyboard board, StandardPlacement laying)
    {
        double result = 360 - laying.Rounded;
        board.Step(
            "take-from-360",
            "From 360",
            $"A full turn is {board.Phrasing.Degrees(360)}. What is left over: {board.Phrasing.Degrees(360)} − {board.Phrasing.Degrees(laying.Rounded)} = {board.Phrasing.Degrees(result)}.",
            Question.Open("The protractor shows the smaller angle. How do we get the reflex one?")
        );
    }

    internal static void AddTo180(Storyboard board, StandardPlacement beyond)
    {
        double result = 180 + beyond.Rounded;
        board.Step(
            "add-to-180",
            "Add 180",
            $"A straight angle is {board.Phrasing.Degrees(180)}, and the extra comes on top: {board.Phrasing.Degrees(180)} + {board.Phrasing.Degrees(beyond.Rounded)} = {board.Phrasing.Degrees(result)}.",
            Question.Open(
                "We measured only the extra beyond the straight line. What is still missing?"
            )
        );
    }

    /// <summary>Which of the two ways is handier: adding a little over 180, taking from 360 close to 360.</summary>
    internal static ReflexMethod Handier(Measure measure) =>
        measure.Degrees <= 270 ? ReflexMethod.AddTo180 : ReflexMethod.From360;
}

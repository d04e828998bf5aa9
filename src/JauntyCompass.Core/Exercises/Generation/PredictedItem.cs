using JauntyCompass.Core.Marking.Steps;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>A step of an item with what every mistake would answer there.</summary>
internal sealed record PredictedStep(AnsweredStep Step, IReadOnlyList<Prediction> Predictions);

/// <summary>An item with its steps and what every mistake would answer at each: worked out once, since exact numbers are slow.</summary>
internal sealed record PredictedItem(Item Item, IReadOnlyList<PredictedStep> Steps)
{
    /// <summary>Predicts what every mistake would answer at an item.</summary>
    /// <param name="item">The item.</param>
    /// <param name="tolerance">Tolerance, in degrees.</param>
    internal static PredictedItem Of(Item item, double tolerance) =>
        new(
            item,
            [
                .. ExerciseKinds
                    .Of(item)
                    .Steps(item, null)
                    .Select(step => new PredictedStep(step, [.. step.Predict(tolerance)])),
            ]
        );
}

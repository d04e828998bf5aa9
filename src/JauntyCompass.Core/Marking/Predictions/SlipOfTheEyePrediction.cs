using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="SlipOfTheEye"/> leads to.</summary>
public sealed class SlipOfTheEyePrediction : InstrumentPrediction<SlipOfTheEye>
{
    private const double Spread = 1;

    /// <inheritdoc/>
    public override void Predict(
        MarkingContext context,
        DrawnFigure? figure,
        ref Outcomes outcomes
    ) => outcomes.Add(context.Measure, Spread);
}

using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="ZeroLineOff"/> leads to.</summary>
public sealed class ZeroLineOffPrediction : InstrumentPrediction<ZeroLineOff>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        bool counts =
            !context.MovedBeforeDot
            && Math.Abs(context.PlacingByZeroLine) >= PlacingCost.Material
            && Math.Abs(context.PlacingByZeroLine) > Math.Abs(context.PlacingByCentre);
        if (
            counts && context is { Laid.Alignment.IsLinedUp: true, ExpectedReading: double careful }
        )
        {
            outcomes.Add(careful);
        }
    }
}

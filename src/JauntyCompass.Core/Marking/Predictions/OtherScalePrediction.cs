using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="OtherScale"/> leads to.</summary>
public sealed class OtherScalePrediction : InstrumentPrediction<OtherScale>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        // With no arm on zero neither scale is the right one, and so neither is the other.
        if (!Mistake.CanBeMadeOn(context.Instrument) || (context.IsLaid && context.ScaleInUse < 0))
        {
            return;
        }
        for (int i = 0; i < context.Instrument.Scales.Count; i++)
        {
            if (i != context.ScaleInUse && context.ResultOnScale(i) is double result)
            {
                outcomes.Add(result);
                if (!context.IsLaid)
                {
                    return;
                }
            }
        }
    }
}

using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="WrongStartingArm"/> leads to.</summary>
public sealed class WrongStartingArmPrediction : InstrumentPrediction<WrongStartingArm>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (
            context.Instrument.Shape == ProtractorShape.FullCircle
            && Mistake.CanBeMadeOn(context.Instrument)
        )
        {
            outcomes.Add(360 - context.StartingNumber);
        }
    }
}

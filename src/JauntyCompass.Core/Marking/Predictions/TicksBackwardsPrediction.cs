using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="TicksBackwards"/> leads to.</summary>
public sealed class TicksBackwardsPrediction : InstrumentPrediction<TicksBackwards>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        Protractor instrument = context.Instrument;
        (_, double rest) = context.Counted();
        if (
            instrument.HasLabels
            && rest != 0
            && rest * 2 != instrument.LabelEvery
            && context.Result(context.StartingNumber + instrument.LabelEvery - 2 * rest)
                is double result
        )
        {
            outcomes.Add(result);
        }
    }
}

using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="WrongTen"/> leads to.</summary>
public sealed class WrongTenPrediction : InstrumentPrediction<WrongTen>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        double interval = context.Instrument.CountedBy;
        if (context.Result(context.StartingNumber - interval) is double below)
        {
            outcomes.Add(below);
        }
        if (context.Result(context.StartingNumber + interval) is double above)
        {
            outcomes.Add(above);
        }
    }
}

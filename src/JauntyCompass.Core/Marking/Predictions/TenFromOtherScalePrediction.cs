using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="TenFromOtherScale"/> leads to.</summary>
public sealed class TenFromOtherScalePrediction : InstrumentPrediction<TenFromOtherScale>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        (_, double rest) = context.Counted();
        // On a label there is nothing to count on: this is then the other scale, and nothing else.
        if (!Mistake.CanBeMadeOn(context.Instrument) || !context.Instrument.HasLabels || rest == 0)
        {
            return;
        }
        int other = context.ScaleInUse == 0 ? 1 : 0;
        if (context.BesideOn(other, context.StartingNumber - rest) is not double label)
        {
            return;
        }
        // Round a full circle zero is where the turn ends, too.
        label = label == 0 && context.FullScale == 360 ? 360 : label;
        if (context.Result(label + rest) is double same)
        {
            outcomes.Add(same);
        }
        if (context.Result(label - context.Instrument.LabelEvery + rest) is double neighbour)
        {
            outcomes.Add(neighbour);
        }
    }
}

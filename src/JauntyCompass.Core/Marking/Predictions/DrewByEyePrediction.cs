using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="DrewByEye"/> leads to.</summary>
public sealed class DrewByEyePrediction : InstrumentPrediction<DrewByEye>
{
    // How far an eye strays, as a standard deviation in degrees. Common practice, no source.
    private const double Eye = 8;

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (figure is { Dot.IsAbsent: true } && context.NeverLaid)
        {
            outcomes.Add(context.Measure, Eye);
        }
    }
}

using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="ZeroLineOff"/> in how the instrument lies.</summary>
public sealed class ZeroLineOffObservation : PlacingObservation<ZeroLineOff>
{
    /// <inheritdoc/>
    public override double? Observe(MarkingContext context) =>
        !context.IsLaid ? null
        : context.MovedBeforeDot ? 0
        : PlacingCost.Likelihood(context.PlacingByZeroLine);
}

using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="MovedBeforeDot"/> in how the instrument lies.</summary>
public sealed class MovedBeforeDotObservation : PlacingObservation<MovedBeforeDot>
{
    /// <inheritdoc/>
    public override double? Observe(MarkingContext context) =>
        context is not { Activity: Activity.Drawing, Laid: not null } ? null
        : context.MovedBeforeDot ? 1
        : 0;
}

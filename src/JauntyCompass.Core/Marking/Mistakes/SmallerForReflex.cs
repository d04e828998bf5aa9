using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle was asked and the smaller one given: 360 − A.</summary>
public sealed class SmallerForReflex : SumMistake<ReflexSum>
{
    /// <inheritdoc/>
    public override string Key => "smaller-for-reflex";

    /// <inheritdoc/>
    public override string Name => "gave the smaller angle instead of the reflex one";

    /// <inheritdoc/>
    public override double Prior => 0.002;

    /// <inheritdoc/>
    public override string Remedy =>
        "Say where the arc stands before measuring: does the answer have to be more than 180 or less?";
}

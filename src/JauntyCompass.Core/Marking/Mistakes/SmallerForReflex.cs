using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle was asked and the smaller one given: 360 − A.</summary>
public sealed class SmallerForReflex : SumMistake<ReflexSum>
{
    /// <inheritdoc/>
    public override string Key => "smaller-for-reflex";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.SmallerForReflex.Name;

    /// <inheritdoc/>
    public override double Prior => 0.002;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.SmallerForReflex.Remedy;
}

using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>One ratio was taken the other way up than the others.</summary>
public sealed class RatioUpsideDown()
    : ChoiceMistake("ratio-upside-down", Text.Mistakes.RatioUpsideDown.Name, 0.04)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.RatioUpsideDown.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "compare-ratios";
}

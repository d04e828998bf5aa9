using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The protractor lay well on the ray, and had moved when the dot was made: off by as much as it moved.</summary>
public sealed class MovedBeforeDot : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "moved-before-dot";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.MovedBeforeDot.Name;

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.MovedBeforeDot.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-moved-before-the-dot";
}

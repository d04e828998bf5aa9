namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The protractor lay well on the ray, and had moved when the dot was made: off by as much as it moved.</summary>
public sealed class MovedBeforeDot : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "moved-before-dot";

    /// <inheritdoc/>
    public override string Name => "moved the protractor before the dot was made";

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override string Remedy =>
        "Spread the fingers over the protractor, look along the zero line once more, and only then take the pencil.";

    /// <inheritdoc/>
    public override string? Demonstration => "explained-moved-before-the-dot";
}

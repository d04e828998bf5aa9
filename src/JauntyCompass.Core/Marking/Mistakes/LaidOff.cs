using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// On paper, where nobody saw how the instrument lay: centre mark off the vertex, zero line off the arm, or slipped in between. A number a
/// few degrees off does not tell which of them it was, and so none of them is said.
/// </summary>
public sealed class LaidOff : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "laid-off";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.LaidOff.Name;

    /// <inheritdoc/>
    public override double Prior => 0.16;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override bool IsWithinNoise => true;

    /// <inheritdoc/>
    public override bool CanBeHabit => false;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.LaidOff.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "wrong-zero-line-off";
}

using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Sides were matched by the order of their letters, not by the angles they lie opposite to.</summary>
public sealed class SidesOutOfOrder()
    : ChoiceMistake("sides-out-of-order", Text.Mistakes.SidesOutOfOrder.Name, 0.05)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.SidesOutOfOrder.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "similar-triangles";
}

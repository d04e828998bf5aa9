using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The last division went the wrong way, or was a multiplication.</summary>
public sealed class DividedWrongWay()
    : ChoiceMistake("divided-wrong-way", Text.Mistakes.DividedWrongWay.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.DividedWrongWay.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "parts-by-algebra";
}

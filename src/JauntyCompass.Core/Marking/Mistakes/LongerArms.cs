using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Longer arms were taken for a larger angle.</summary>
public sealed class LongerArms() : ChoiceMistake("longer-arms", Text.Mistakes.LongerArms.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.LongerArms.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-longer-arms";
}

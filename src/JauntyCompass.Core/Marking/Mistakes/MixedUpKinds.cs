using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The names of two kinds were mixed up.</summary>
public sealed class MixedUpKinds()
    : ChoiceMistake("mixed-up-kinds", Text.Mistakes.MixedUpKinds.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.MixedUpKinds.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "kinds";
}

using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray ends before the graduated edge, so the drawing cannot be measured again.</summary>
public sealed class ArmTooShort : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "arm-too-short";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.ArmTooShort.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ArmTooShort.Remedy;
}

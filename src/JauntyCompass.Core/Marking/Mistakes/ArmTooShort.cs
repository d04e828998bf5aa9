namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray ends before the graduated edge, so the drawing cannot be measured again.</summary>
public sealed class ArmTooShort : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "arm-too-short";

    /// <inheritdoc/>
    public override string Name => "drew an arm too short to measure again";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy =>
        "Draw every ray past the rim of the instrument, as a rule of the class.";
}

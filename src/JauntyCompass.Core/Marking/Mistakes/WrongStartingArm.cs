using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>On a full circle with one scale the zero was laid on the arm where the turn ends: 360 − A comes out.</summary>
public sealed class WrongStartingArm : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "wrong-starting-arm";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.WrongStartingArm.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override bool? NeedsTwoScales => false;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.WrongStartingArm.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "full-circle-turn";
}

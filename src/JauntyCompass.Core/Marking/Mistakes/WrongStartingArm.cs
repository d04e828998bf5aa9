namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>On a full circle with one scale the zero was laid on the arm where the turn ends: 360 − A comes out.</summary>
public sealed class WrongStartingArm : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "wrong-starting-arm";

    /// <inheritdoc/>
    public override string Name => "laid zero on the arm where the turn ends";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override bool? NeedsTwoScales => false;

    /// <inheritdoc/>
    public override string Remedy =>
        "Follow the turn arrow with a finger before anything is laid on.";

    /// <inheritdoc/>
    public override string? Demonstration => "full-circle-turn";
}

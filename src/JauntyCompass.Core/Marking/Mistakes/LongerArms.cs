namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Longer arms were taken for a larger angle.</summary>
public sealed class LongerArms()
    : ChoiceMistake("longer-arms", "took longer arms for a larger angle", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy => "Lay two angles with unlike arms on each other.";

    /// <inheritdoc/>
    public override string? Demonstration => "explained-longer-arms";
}

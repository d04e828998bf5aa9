namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The names of two kinds were mixed up.</summary>
public sealed class MixedUpKinds()
    : ChoiceMistake("mixed-up-kinds", "mixed up the names of the kinds", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy => "Open the arms on the Board and let the class call the kinds.";

    /// <inheritdoc/>
    public override string? Demonstration => "kinds";
}

using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The way was right, and the hand not steady.</summary>
public sealed class UnsteadyConstruction()
    : ConstructionMistake("unsteady-construction", Text.Mistakes.UnsteadyConstruction.Name, 0.1)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.UnsteadyConstruction.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "bisect";

    /// <inheritdoc/>
    public override bool CanBeHabit => false;
}

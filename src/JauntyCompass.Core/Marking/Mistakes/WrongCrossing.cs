using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The line was drawn to another crossing.</summary>
public sealed class WrongCrossing()
    : ConstructionMistake("wrong-crossing", Text.Mistakes.WrongCrossing.Name, 0.12)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.WrongCrossing.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-wrong-crossing";
}

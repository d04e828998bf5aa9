using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Each minute mark was taken for one degree.</summary>
public sealed class MinutesAsDegrees()
    : ChoiceMistake("minutes-as-degrees", Text.Mistakes.MinutesAsDegrees.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.MinutesAsDegrees.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "full-circle-turn";
}

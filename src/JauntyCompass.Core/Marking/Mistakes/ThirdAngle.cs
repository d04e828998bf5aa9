using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The third angle was not taken from 180.</summary>
public sealed class ThirdAngle() : ChoiceMistake("third-angle", Text.Mistakes.ThirdAngle.Name, 0.05)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ThirdAngle.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "third-angle";
}

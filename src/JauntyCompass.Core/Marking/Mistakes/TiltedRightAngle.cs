using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A right angle was not seen because it is tilted.</summary>
public sealed class TiltedRightAngle()
    : ChoiceMistake("tilted-right-angle", Text.Mistakes.TiltedRightAngle.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.TiltedRightAngle.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-tilted-right-angle";
}

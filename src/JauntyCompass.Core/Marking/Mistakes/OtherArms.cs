using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The neighbouring angle was named.</summary>
public sealed class OtherArms() : NamingMistake("other-arms", "named the angle next to it", 0.015)
{
    /// <inheritdoc/>
    public override string Remedy => "Colour the two arms of the angle that is meant.";

    /// <inheritdoc/>
    public override string? Demonstration => "naming";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.OtherAngle;
}

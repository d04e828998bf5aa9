using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The neighbouring angle was named.</summary>
public sealed class OtherArms() : NamingMistake("other-arms", Text.Mistakes.OtherArms.Name, 0.015)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.OtherArms.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "naming";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.OtherAngle;
}

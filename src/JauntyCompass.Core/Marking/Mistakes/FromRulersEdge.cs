using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The end of the ruler was laid where its zero belongs.</summary>
public sealed class FromRulersEdge()
    : ChoiceMistake("from-rulers-edge", Text.Mistakes.FromRulersEdge.Name, 0.05)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.FromRulersEdge.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "rulers-zero";
}

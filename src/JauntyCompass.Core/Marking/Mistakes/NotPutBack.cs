using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>x was put back into one part only.</summary>
public sealed class NotPutBack()
    : ChoiceMistake("not-put-back", Text.Mistakes.NotPutBack.Name, 0.03)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.NotPutBack.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "parts-by-algebra";
}

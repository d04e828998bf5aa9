using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A number or an x kept its sign when it was moved to the other side.</summary>
public sealed class SignKept() : ChoiceMistake("sign-kept", Text.Mistakes.SignKept.Name, 0.05)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.SignKept.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "parts-by-algebra";
}

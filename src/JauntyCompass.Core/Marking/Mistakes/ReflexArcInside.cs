using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle was drawn well, but with the arc in the smaller opening.</summary>
public sealed class ReflexArcInside()
    : ChoiceMistake("reflex-arc-inside", Text.Mistakes.ReflexArcInside.Name, 0.03)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ReflexArcInside.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-reflex-arc-inside";
}

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle was drawn well, but with the arc in the smaller opening.</summary>
public sealed class ReflexArcInside()
    : ChoiceMistake("reflex-arc-inside", "drew a reflex angle with the arc inside", 0.03)
{
    /// <inheritdoc/>
    public override string Remedy =>
        "Rub out the arc of a reflex drawing and ask what it now shows.";

    /// <inheritdoc/>
    public override string? Demonstration => "explained-reflex-arc-inside";
}

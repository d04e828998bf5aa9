using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The position at the end was given for the way between.</summary>
public sealed class EndForRange()
    : ChoiceMistake("end-for-range", "gave where it ended instead of how far it moved", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy => "Mark the start with a second colour before reading the end.";

    /// <inheritdoc/>
    public override string? Demonstration => "not-from-zero";

    /// <inheritdoc/>
    public override Feedback Tell(Speech say) =>
        new(
            null,
            "That is where it stands in the end, not how far it has moved.",
            "It did not start at zero: take away where it began."
        );
}

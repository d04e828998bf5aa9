using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Two readings were added that should be taken from each other.</summary>
public sealed class AddedForTaken()
    : ChoiceMistake(
        "added-for-taken",
        "added two readings instead of taking one from the other",
        0.02
    )
{
    /// <inheritdoc/>
    public override string Remedy => "Walk the two positions with an arm and ask how far it went.";

    /// <inheritdoc/>
    public override string? Demonstration => "not-from-zero";

    /// <inheritdoc/>
    public override Feedback Tell(Speech say) =>
        new(
            null,
            "Both readings are there, but they were added.",
            "It moved from one to the other: take the smaller from the larger."
        );
}

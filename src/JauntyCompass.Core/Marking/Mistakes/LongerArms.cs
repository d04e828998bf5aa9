using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Longer arms were taken for a larger angle.</summary>
public sealed class LongerArms()
    : ChoiceMistake("longer-arms", "took longer arms for a larger angle", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy => "Lay two angles with unlike arms on each other.";

    /// <inheritdoc/>
    public override string? Demonstration => "told-longer-arms";

    /// <inheritdoc/>
    public override Feedback Explain(Phrasing say) =>
        new(
            null,
            $"The one with the longer {say.Words.Arm}s was taken for the larger angle.",
            $"Cover the ends of the {say.Words.Arm}s with a hand: only the opening counts."
        );
}

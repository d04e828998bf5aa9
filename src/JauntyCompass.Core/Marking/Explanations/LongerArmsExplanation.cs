using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LongerArms"/> is explained.</summary>
public sealed class LongerArmsExplanation : Explanation<Phrasing, LongerArms>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            $"The one with the longer {phrasing.Words.Arm}s was taken for the larger angle.",
            $"Cover the ends of the {phrasing.Words.Arm}s with a hand: only the opening counts."
        );
}

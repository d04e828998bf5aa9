using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="KindAgainstNumber"/> is explained.</summary>
public sealed class KindAgainstNumberExplanation : Explanation<Phrasing, KindAgainstNumber>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "The kind you said and the number you wrote do not go together.",
            "Look at both again: one of them must change."
        );
}

using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MixedUpKinds"/> is explained.</summary>
public sealed class MixedUpKindsExplanation : Explanation<Phrasing, MixedUpKinds>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "The opening is seen; its name belongs to another kind.",
            "Acute is smaller than a right angle, obtuse is larger. Say it once with your hands."
        );
}

using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LooksRight"/> is explained.</summary>
public sealed class LooksRightExplanation : Explanation<Phrasing, LooksRight>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "It looks like a right angle, but nothing says that it is one.",
            "Trust the box, not the look: hold the corner of a sheet of paper to it."
        );
}

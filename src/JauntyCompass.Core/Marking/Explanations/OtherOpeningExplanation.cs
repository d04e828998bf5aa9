using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OtherOpening"/> is explained.</summary>
public sealed class OtherOpeningExplanation : Explanation<Phrasing, OtherOpening>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "Two openings meet at this vertex, and you looked at the one without the arc.",
            "Go with a finger along the arc: that opening is meant."
        );
}

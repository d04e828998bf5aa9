using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="InstrumentIdea"/> is explained.</summary>
public sealed class InstrumentIdeaExplanation : Explanation<Phrasing, InstrumentIdea>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "That is not what it is for.",
            "Look at where its numbers start and which way they grow."
        );
}

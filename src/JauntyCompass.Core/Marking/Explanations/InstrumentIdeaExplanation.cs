using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="InstrumentIdea"/> is explained.</summary>
public sealed class InstrumentIdeaExplanation : Explanation<Phrasing, InstrumentIdea>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.InstrumentIdea.Happened,
            Text.Mistakes.InstrumentIdea.Next
        );
}

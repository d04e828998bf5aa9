using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="InstrumentIdea"/> is explained.</summary>
public sealed class InstrumentIdeaExplanation : Explanation<NoContext, InstrumentIdea>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.InstrumentIdea.Happened,
            Text.Mistakes.InstrumentIdea.Next
        );
}

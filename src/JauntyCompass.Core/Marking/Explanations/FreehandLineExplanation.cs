using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="FreehandLine"/> is explained.</summary>
public sealed class FreehandLineExplanation : Explanation<MistakeStory, FreehandLine>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.FreehandLine.Happened,
            Text.Mistakes.FreehandLine.Next
        );
}

using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="StartNotSubtracted"/> is explained.</summary>
public sealed class StartNotSubtractedExplanation : Explanation<MistakeStory, StartNotSubtracted>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            null,
            Text.Mistakes.StartNotSubtracted.Happened,
            story.Context.IsFixed
                ? Text.Mistakes.StartNotSubtracted.FixedNext
                : Text.Mistakes.StartNotSubtracted.Next
        );
}

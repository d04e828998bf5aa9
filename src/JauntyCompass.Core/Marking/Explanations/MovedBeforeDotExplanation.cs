using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MovedBeforeDot"/> is explained.</summary>
public sealed class MovedBeforeDotExplanation : Explanation<MistakeStory, MovedBeforeDot>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.MovedBeforeDot.Happened,
            Text.Mistakes.MovedBeforeDot.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.OffTheArm(story);
}

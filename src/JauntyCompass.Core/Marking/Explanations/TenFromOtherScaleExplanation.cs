using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TenFromOtherScale"/> is explained.</summary>
public sealed class TenFromOtherScaleExplanation : Explanation<MistakeStory, TenFromOtherScale>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.TenFromOtherScale.Happened,
            Text.Mistakes.TenFromOtherScale.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);
}

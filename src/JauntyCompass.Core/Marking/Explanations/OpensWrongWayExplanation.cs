using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OpensWrongWay"/> is explained.</summary>
public sealed class OpensWrongWayExplanation : Explanation<MistakeStory, OpensWrongWay>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            story.Praise,
            Text.Mistakes.OpensWrongWay.Happened,
            Text.Mistakes.OpensWrongWay.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        Angle asked = story.Context.Angle;
        Point from = asked.Vertex.Towards(asked.Start, 40);
        // An arrow across the opening, not along the missing ray: the side is shown, the measure is not.
        Point to = from.Towards(asked.Start.Turned(asked.Opening.Sign() * 90), 18);
        return new MarkPicture
        {
            Lines = [new PictureLine(from, to, Arrow: true)],
            Note = new PictureNote(
                Text.Mistakes.OpensWrongWay.Note,
                to.Towards(asked.Start.Turned(asked.Opening.Sign() * 90), 8)
            ),
        };
    }
}

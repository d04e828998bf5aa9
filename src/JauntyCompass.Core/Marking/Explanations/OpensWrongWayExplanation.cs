using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OpensWrongWay"/> is explained.</summary>
public sealed class OpensWrongWayExplanation : Explanation<MistakeStory, OpensWrongWay>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Your angle opens to the other side of the ray than the one asked for.",
            "Turn the protractor so that its rim lies on the side with the small arrow, and dot there."
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
                "open it this way",
                to.Towards(asked.Start.Turned(asked.Opening.Sign() * 90), 8)
            ),
        };
    }
}

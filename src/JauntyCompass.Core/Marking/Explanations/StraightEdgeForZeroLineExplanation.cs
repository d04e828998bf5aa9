using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="StraightEdgeForZeroLine"/> is explained.</summary>
public sealed class StraightEdgeForZeroLineExplanation
    : Explanation<MistakeStory, StraightEdgeForZeroLine>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            // The praise for placing would contradict the point that is made here.
            null,
            $"You put the straight edge along the {story.Words.Arm}. On this instrument the {story.Words.ZeroLine} lies "
                + $"{Numbers.Millimetres(story.Context.Instrument.Inset)} above it.",
            $"Slide it down until the {story.Words.ZeroLine} covers the {story.Words.Arm} and the {story.Words.CentreMark} the vertex."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        if (story.Context.Laid is not LaidAngle laid)
        {
            return null;
        }
        Placement placement = laid.Placement;
        double radius = laid.Protractor.EdgeRadius;
        Point middle = placement.Centre;
        return new MarkPicture
        {
            Lines =
            [
                new PictureLine(placement.PointAt(180, radius), placement.PointAt(0, radius)),
                new PictureLine(
                    middle,
                    middle.Towards(placement.DirectionOf(270), laid.Protractor.Inset),
                    Arrow: true
                ),
            ],
            Note = new PictureNote(
                $"the {story.Words.ZeroLine} is here",
                middle.Towards(placement.DirectionOf(270), laid.Protractor.Inset + 10)
            ),
        };
    }
}

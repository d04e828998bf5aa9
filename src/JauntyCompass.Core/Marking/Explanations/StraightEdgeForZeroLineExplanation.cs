using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="StraightEdgeForZeroLine"/> is explained.</summary>
public sealed class StraightEdgeForZeroLineExplanation
    : Explanation<MistakeStory, StraightEdgeForZeroLine>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback( // The praise for placing would contradict the point that is made here.
            null,
            Text.Mistakes.StraightEdgeForZeroLine.Happened(story.Context.Instrument.Inset),
            Text.Mistakes.StraightEdgeForZeroLine.Next
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
                Text.Mistakes.StraightEdgeForZeroLine.Note,
                middle.Towards(placement.DirectionOf(270), laid.Protractor.Inset + 10)
            ),
        };
    }
}

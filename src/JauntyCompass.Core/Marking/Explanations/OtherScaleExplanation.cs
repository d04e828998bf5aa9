using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OtherScale"/> is explained.</summary>
public sealed class OtherScaleExplanation : Explanation<MistakeStory, OtherScale>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        story.Context.Activity == Activity.Measuring
            ? new Feedback(
                story.Praise,
                Text.Mistakes.OtherScale.Measured(story.Context.FullScale),
                story.Context.IsFixed
                    ? Text.Mistakes.OtherScale.FixedNext
                    : Text.Mistakes.OtherScale.MeasuredNext
            )
            : new Feedback(
                story.Praise,
                Text.Mistakes.OtherScale.Drawn,
                Text.Mistakes.OtherScale.DrawnNext
            );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        MarkingContext context = story.Context;
        if (context.Laid is not LaidAngle laid || ScaleThatAnswers(story) is not int index)
        {
            return null;
        }
        Scale scale = context.Instrument.Scales[index];
        double? counted =
            context.Activity == Activity.Measuring
                ? laid.Reading(index, laid.Alignment.ReadArm)
                : context.Measure;
        if (counted is not double number)
        {
            return null;
        }
        Placement placement = laid.Placement;
        double early = scale.BearingOf(Math.Min(52, number * 0.7));
        Point note = Pictures.BeyondEdge(laid, early);
        return new MarkPicture
        {
            Thread = CountingThread.Along(context.Instrument, placement, index, number),
            Rings = [new PictureRing(placement.PointAt(scale.BearingOf(number), scale.Radius), 6)],
            Lines =
            [
                new PictureLine(
                    placement.PointAt(
                        scale.BearingOf(Math.Min(36, number / 2)),
                        context.Instrument.EdgeRadius + 14
                    ),
                    placement.PointAt(scale.BearingOf(0), context.Instrument.EdgeRadius + 4),
                    Arrow: true
                ),
            ],
            // No number: what stands on the other scale may be what another step asks for.
            Note = new PictureNote(
                context.Activity == Activity.Measuring
                    ? Text.Mistakes.OtherScale.NoteMeasured
                    : Text.Mistakes.OtherScale.NoteDrawn,
                note
            ),
        };
    }

    private static int? ScaleThatAnswers(MistakeStory story)
    {
        int? nearest = null;
        double least = double.MaxValue;
        for (int i = 0; i < story.Context.Instrument.Scales.Count; i++)
        {
            if (i != story.Context.ScaleInUse && story.Context.ResultOnScale(i) is double result)
            {
                double off = Math.Abs(result - story.Answer);
                (nearest, least) = off < least ? (i, off) : (nearest, least);
            }
        }
        return nearest;
    }
}

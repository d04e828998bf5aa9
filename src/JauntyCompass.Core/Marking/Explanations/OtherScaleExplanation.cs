using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OtherScale"/> is explained.</summary>
public sealed class OtherScaleExplanation : Explanation<MistakeStory, OtherScale>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        story.Context.Activity == Activity.Measuring
            ? new Feedback(
                story.Praise,
                $"The count began at {Wording.Numbers.Plain(story.Context.FullScale)} instead of zero, so the other scale answered.",
                $"Find the zero that lies on the {story.Words.Arm} you lined up, and count from there."
            )
            : new Feedback(
                story.Praise,
                "Your dot stands at the right number of the other scale.",
                "Find the zero that lies on the ray, and count from there to the measure."
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
                    ? $"your number counts from this side, where no {story.Words.Arm} lies"
                    : $"your dot counts from this side, where no {story.Words.Arm} lies",
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

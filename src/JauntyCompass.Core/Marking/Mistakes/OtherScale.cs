using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Read, or dotted at, the other scale: 180 − A on a half circle, 360 − A on a full one. The commonest of all.</summary>
public sealed class OtherScale : InstrumentMistake, IMeasuringReplay, IDrawingReplay
{
    /// <inheritdoc/>
    public override string Key => "other-scale";

    /// <inheritdoc/>
    public override string Name => "read the other scale";

    /// <inheritdoc/>
    public override double Prior => 0.28;

    /// <inheritdoc/>
    public override bool? NeedsTwoScales => true;

    /// <inheritdoc/>
    public override string Remedy =>
        "Ask “where is zero?” before anyone reads: a finger on the zero that lies on the arm, then along that scale.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        // With no arm on zero neither scale is the right one, and so neither is the other.
        if (!CanBeMadeOn(context.Instrument) || (context.IsLaid && context.ScaleInUse < 0))
        {
            return;
        }
        for (int i = 0; i < context.Instrument.Scales.Count; i++)
        {
            if (i != context.ScaleInUse && context.ResultOnScale(i) is double result)
            {
                outcomes.Add(result);
                if (!context.IsLaid)
                {
                    return;
                }
            }
        }
    }

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

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        for (int i = 0; i < laid.Protractor.Scales.Count; i++)
        {
            if (
                i != laid.Advice.ScaleIndex
                && laid.Reading(i, laid.Alignment.ReadArm) is double reading
            )
            {
                return new MeasuringExample(laid.Placement, i, reading, Math.Round(reading));
            }
        }
        return null;
    }

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument) =>
        instrument.Scales.Count > 1 && asked.Measure.Supplement is Measure other
            ? DrawingExample.Well(asked with { Measure = other }, instrument)
            : null;
}

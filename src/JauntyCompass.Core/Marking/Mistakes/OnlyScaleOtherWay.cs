using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// On an instrument with one scale, which counts the other way from the lined-up arm, its number was taken as it stood:
/// 180 − A on a half circle, 360 − A on a full one.
/// </summary>
public sealed class OnlyScaleOtherWay : InstrumentMistake, IMeasuringReplay, IDrawingReplay
{
    /// <inheritdoc/>
    public override string Key => "only-scale-other-way";

    /// <inheritdoc/>
    public override string Name => "took the only scale’s number though it counts the other way";

    // Where there is one scale only, it is what reading the other scale is elsewhere.
    /// <inheritdoc/>
    public override double Prior => 0.28;

    /// <inheritdoc/>
    public override bool? NeedsTwoScales => false;

    /// <inheritdoc/>
    public override string Remedy =>
        "Look for the zero first: where it lies on neither arm, line up the other arm, or take the number from the whole.";

    /// <inheritdoc/>
    public override Protractor ShownOn => InstrumentCatalogue.OneScaleRight;

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (!CanBeMadeOn(context.Instrument))
        {
            return;
        }
        if (context.Laid is not LaidAngle laid)
        {
            outcomes.Add(context.FullScale - context.StartingNumber);
        }
        else if (
            laid.Advice.Reason == AdviceReason.NoZeroOnThatArm
            && context.ResultOnScale(0) is double result
        )
        {
            outcomes.Add(result);
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story)
    {
        string whole = Numbers.Plain(story.Context.FullScale);
        return story.Context.Activity == Activity.Measuring
            ? new Feedback(
                story.Praise,
                "The only scale counts the other way from there, so your number is what is left over.",
                $"Line up the other {story.Words.Arm}, so that zero lies on it; or take your number from {whole}."
            )
            : new Feedback(
                story.Praise,
                "Your dot stands at the right number, but the only scale counts towards the ray and not away from it.",
                $"Turn the protractor until zero lies on the ray; or take the measure from {whole} and make your dot there."
            );
    }

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        if (!CanBeMadeOn(laid.Protractor))
        {
            return null;
        }
        // Laid as well on the other arm, it counts the other way.
        bool onStart = laid.Alignment.LinedUpArm == WhichArm.Start;
        Angle other = onStart ? laid.Angle.FromOtherArm : laid.Angle;
        var placement = Placement.Over(other);
        var again = LaidAngle.Of(
            laid.Angle,
            laid.Protractor,
            placement,
            onStart ? WhichArm.End : WhichArm.Start
        );
        return
            again.Advice.Reason == AdviceReason.NoZeroOnThatArm
            && again.Reading(0, again.Alignment.ReadArm) is double reading
            ? new MeasuringExample(placement, 0, reading, Math.Round(reading))
            : null;
    }

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument) =>
        CanBeMadeOn(instrument) && asked.Measure.Supplement is Measure other
            ? DrawingExample.Well(asked with { Measure = other }, instrument)
            : null;
}

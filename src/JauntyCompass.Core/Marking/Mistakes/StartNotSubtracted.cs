using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The first arm did not lie on zero, and its reading was not subtracted, or was added: the end reading, or the sum.</summary>
public sealed class StartNotSubtracted : InstrumentMistake, IMeasuringReplay
{
    private const double ShownStart = 25;

    /// <inheritdoc/>
    public override string Key => "start-not-subtracted";

    /// <inheritdoc/>
    public override string Name => "forgot to subtract the reading on the first arm";

    /// <inheritdoc/>
    public override double Prior => 0.1;

    /// <inheritdoc/>
    public override string Remedy =>
        "Have both readings written down before anything is computed: first arm, second arm, difference.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (
            context.Activity != Activity.Measuring
            || context.Laid is not LaidAngle laid
            || laid.Alignment.IsLinedUp
        )
        {
            return;
        }
        for (int i = 0; i < context.Instrument.Scales.Count; i++)
        {
            if (
                laid.Reading(i, WhichArm.Start) is double start
                && laid.Reading(i, WhichArm.End) is double end
            )
            {
                outcomes.Add(Math.Max(start, end));
                outcomes.Add(start + end);
            }
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            null,
            $"No zero lay on your first {story.Words.Arm}, so the number on the other one is not the angle yet.",
            $"Read both {story.Words.Arm}s on the same scale and take the smaller number from the larger; or lay zero on the first {story.Words.Arm}."
        );

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        double end = Math.Round(laid.Advice.Reading ?? 0) + ShownStart;
        // Nearer to the other zero it would look lined up with the other arm.
        return end >= laid.Protractor.FullScale - Alignment.FarthestLinedUp
            ? null
            : new MeasuringExample(
                laid.Placement with
                {
                    Turn = laid.Placement.Turn.Turned(-laid.Angle.Opening.Sign() * ShownStart),
                },
                laid.Advice.ScaleIndex,
                end,
                end
            );
    }
}

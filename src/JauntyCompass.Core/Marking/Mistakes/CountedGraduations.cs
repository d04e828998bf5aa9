using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Graduations were counted instead of the spaces between them, the zero as one: A + 1.</summary>
public sealed class CountedGraduations : InstrumentMistake, IMeasuringReplay
{
    /// <inheritdoc/>
    public override string Key => "counted-graduations";

    /// <inheritdoc/>
    public override string Name => "counted graduations instead of spaces";

    /// <inheritdoc/>
    public override double Prior => 0.004;

    /// <inheritdoc/>
    public override string Remedy =>
        "Count spaces, not lines: the first space ends at the first graduation after zero.";

    /// <inheritdoc/>
    public override bool IsWithinNoise => true;

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (
            context.Result(context.StartingNumber + context.Instrument.SmallestGraduation)
            is double result
        )
        {
            outcomes.Add(result);
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "You are one step over: the graduations were counted, and zero was counted as one.",
            "What counts is the space between two graduations. Start with zero on the zero line, then count the steps."
        );

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        return read + 1 <= laid.Protractor.FullScale && laid.Protractor.SmallestGraduation <= 1
            ? new MeasuringExample(laid.Placement, laid.Advice.ScaleIndex, read, read + 1)
            : null;
    }
}

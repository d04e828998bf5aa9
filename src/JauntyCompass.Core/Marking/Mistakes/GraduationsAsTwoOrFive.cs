using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// Each small graduation was taken for two degrees, or for five: the ones multiplied, or in drawing divided. On an instrument with
/// coarser graduations they are taken for ones as well.
/// </summary>
public sealed class GraduationsAsTwoOrFive : InstrumentMistake, IMeasuringReplay
{
    /// <inheritdoc/>
    public override string Key => "graduations-as-two-or-five";

    /// <inheritdoc/>
    public override string Name => "took each graduation for two or five degrees";

    /// <inheritdoc/>
    public override double Prior => 0.04;

    /// <inheritdoc/>
    public override string Remedy =>
        "Count the spaces between two labels together: ten, so each is one degree.";

    // What a graduation may be taken for, in degrees.
    private static readonly double[] Taken = [1, 2, 5];

    // Fives are rarer than twos; and few count past the next label without looking at it. Common practice, no source.
    private const double Fives = 0.6;
    private const double Passing = 0.2;

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        (_, double rest) = context.Counted();
        if (rest == 0 || !context.Instrument.HasLabels)
        {
            return;
        }
        double label = context.StartingNumber - rest;
        double step = context.Instrument.SmallestGraduation;
        foreach (double taken in Taken)
        {
            // Whoever reads counts so many steps and says too much for each; whoever draws goes on too few of them.
            double counted =
                context.Activity == Activity.Measuring ? rest / step * taken : rest / taken * step;
            if (taken != step && context.Result(label + counted) is double result)
            {
                bool passes = counted > context.Instrument.LabelEvery;
                outcomes.Add(result, weight: (taken == 5 ? Fives : 1) * (passes ? Passing : 1));
            }
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "The label is right. After it, each small step was counted for more or fewer degrees than it is.",
            $"Count the small steps between two labels: there are {Steps(story.Context.Instrument)}, so each is {story.Phrasing.Degrees(story.Context.Instrument.SmallestGraduation)}."
        );

    private static string Steps(Protractor instrument) =>
        Wording.Numbers.Plain(instrument.CountedBy / instrument.SmallestGraduation);

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double ones = read % 10;
        return
            ones is 0 or 1
            || laid.Protractor.SmallestGraduation > 1
            || read + ones > laid.Protractor.FullScale
            ? null
            : new MeasuringExample(laid.Placement, laid.Advice.ScaleIndex, read, read + ones);
    }
}

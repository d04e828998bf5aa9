using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="GraduationsAsTwoOrFive"/> leads to.</summary>
public sealed class GraduationsAsTwoOrFivePrediction : InstrumentPrediction<GraduationsAsTwoOrFive>
{
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
}

using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>Answers to one step: all that are right, or all that one mistake leads to.</summary>
/// <param name="All">The answers.</param>
/// <param name="Exact">One bit for each answer that is exact, the same for the same answer of the step; 0 where any is measured.</param>
internal readonly record struct StepAnswers(Answer[] All, ulong Exact)
{
    internal static StepAnswers None { get; } = new([], 0);

    // Answers that differ by no more than the tolerance tell nothing; from here on, in degrees, no noise of a hand can confuse them.
    private const double BeyondNoise = 7;

    /// <summary>How clearly these are told from others: 0 not at all, 1 beyond all noise of a hand.</summary>
    internal double DistinctFrom(in StepAnswers other, double tolerance)
    {
        if (All.Length == 0)
        {
            return 0;
        }
        if (Exact != 0 && other.Exact != 0)
        {
            return (Exact & other.Exact) == 0 ? 1 : 0;
        }
        double least = 1;
        foreach (Answer a in All)
        {
            foreach (Answer b in other.All)
            {
                if (!a.IsApartFrom(b, tolerance))
                {
                    return 0;
                }
                if (a is MeasuredAnswer && a.Degrees is double x && b.Degrees is double y)
                {
                    least = Math.Min(least, Math.Abs(x - y) / BeyondNoise);
                }
            }
        }
        return least;
    }
}

/// <summary>What every mistake that shows at a step would answer there.</summary>
/// <param name="Right">The right answers.</param>
/// <param name="Led">What each mistake leads to.</param>
internal sealed record StepPredictions(
    StepAnswers Right,
    IReadOnlyDictionary<Mistake, StepAnswers> Led
)
{
    internal static StepPredictions Of(PredictedStep step)
    {
        var numbers = new ExactAnswers();
        var led = new Dictionary<Mistake, StepAnswers>();
        foreach (Prediction predicted in step.Predictions)
        {
            if (predicted.Shows)
            {
                led[predicted.Mistake] = numbers.Numbered(predicted.Answers);
            }
        }
        return new StepPredictions(numbers.Numbered(step.Step.Right), led);
    }

    internal StepAnswers Of(Mistake target) =>
        Led.TryGetValue(target, out StepAnswers answers) ? answers : StepAnswers.None;

    // Exact numbers are slow to compare, and every mistake is compared with every other one: each answer is given its number once.
    private sealed class ExactAnswers
    {
        private const int Most = 64;

        private readonly List<ExactAnswer> _known = [];

        internal StepAnswers Numbered(IReadOnlyList<Answer> answers)
        {
            ulong bits = 0;
            foreach (Answer answer in answers)
            {
                if (answer is not ExactAnswer exact || NumberOf(exact) is not int number)
                {
                    return new StepAnswers([.. answers], 0);
                }
                bits |= 1UL << number;
            }
            return new StepAnswers([.. answers], bits);
        }

        private int? NumberOf(ExactAnswer answer)
        {
            int number = _known.IndexOf(answer);
            if (number >= 0)
            {
                return number;
            }
            if (_known.Count == Most)
            {
                return null;
            }
            _known.Add(answer);
            return _known.Count - 1;
        }
    }
}

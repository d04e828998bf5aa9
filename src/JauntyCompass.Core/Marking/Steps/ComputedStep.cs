using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Explanations;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>
/// An answer that is computed from one or more readings: a reflex angle, a range, a turn. What came of the readings and what of
/// the arithmetic is told apart by computing it once more from the student's own readings.
/// </summary>
/// <typeparam name="TSum">The type of sum.</typeparam>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="truth">The true answer, in degrees.</param>
/// <param name="answer">What was answered, in degrees; null while nothing is.</param>
/// <param name="readings">The readings it is computed from.</param>
/// <param name="compute">The sum that is made of them.</param>
/// <param name="mistakes">The mistakes that can be made in it.</param>
public sealed class ComputedStep<TSum>(
    string key,
    Message title,
    double truth,
    double? answer,
    IReadOnlyList<ReadingStep> readings,
    Func<IReadOnlyList<double>, TSum> compute,
    IReadOnlyList<SumMistake<TSum>> mistakes
) : AnsweredStep<Reading>(key, title)
    where TSum : class, ISum
{
    // Arithmetic has no noise: what follows to within a degree is computed rightly.
    private const double Exact = 1;

    private TSum? Own =>
        readings.All(r => r.Given is not null)
            ? compute([.. readings.Select(r => r.Given!.Value)])
            : null;

    /// <inheritdoc/>
    public override double ToleranceIn(MarkingRules rules) => rules.Tolerance;

    /// <inheritdoc/>
    public override IReadOnlyList<Reading> Right => [new(truth)];

    private TSum OfTheTruth => compute([.. readings.Select(r => r.Context.Measure)]);

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (answer is not double value)
        {
            return Marking.Judge.Unfinished(rules, Text.Marks.Sum.Missing, Text.Marks.Sum.Finish);
        }
        double error = value - truth;
        TSum own = Own ?? OfTheTruth;
        bool follows = Math.Abs(value - own.Result) <= Exact;
        Judgement? wrong = FirstWrong(rules);
        Judgement first = wrong ?? readings[0].Judge(rules);
        // Two readings may each be a little off, and what follows from them twice as much: what is right in every part is right.
        Verdict verdict =
            follows && Own is not null && wrong is null
                ? Verdict.Accepted
                : Marking.Judge.ByDegrees(Math.Abs(error), readings[0].Context, rules);
        ErrorParts parts = Split(own, value, error);
        if (verdict == Verdict.Accepted)
        {
            return new Judgement(
                verdict,
                new Feedback(
                    first.Feedback.Praise,
                    follows
                        ? Text.Marks.Sum.Fits(value)
                        : Text.Marks.Sum.FitsButNotTheSum(value, own.Result)
                )
            )
            {
                Value = value,
                Error = error,
                Parts = parts,
            };
        }
        if (follows && Own is not null)
        {
            return first with { Verdict = verdict, Value = value, Error = error, Parts = parts };
        }
        List<Cause> causes = Arithmetic.Causes(own, mistakes, value);
        SumMistake? named =
            causes[0].Likelihood >= Diagnosis.NamedFrom
                ? mistakes.FirstOrDefault(m => m.Key == causes[0].Mistake)
                : null;
        Message? praise = Praise.ForPlacing(readings[0].Context);
        return new Judgement(
            verdict,
            named is null
                ? new Feedback(
                    first.Verdict == Verdict.Accepted ? first.Feedback.Praise : null,
                    Text.Marks.Sum.NotExplained,
                    Text.Marks.Sum.WriteItOut
                )
                : ExplanationCatalogue.Of(named).Explain(new SumContext(praise, own))
        )
        {
            Value = value,
            Error = error,
            Parts = parts,
            Causes = causes,
            LikelyCause = named?.Key ?? Diagnosis.NotExplained,
        };
    }

    private Judgement? FirstWrong(MarkingRules rules)
    {
        foreach (ReadingStep reading in readings)
        {
            Judgement judged = reading.Judge(rules);
            if (judged.Verdict != Verdict.Accepted)
            {
                return judged;
            }
        }
        return null;
    }

    // What the readings cost is what the right computation makes of them; the rest is arithmetic.
    private ErrorParts Split(TSum own, double value, double error)
    {
        double arithmetic = Own is null ? 0 : value - own.Result;
        double fromReadings = error - arithmetic;
        double placing = 0;
        double reading = fromReadings;
        if (Own is not null)
        {
            double[] careful =
            [
                .. readings.Select(r => r.Context.ExpectedReading ?? r.Context.Measure),
            ];
            placing = compute(careful).Result - truth;
            reading = fromReadings - placing;
        }
        return new ErrorParts(placing, reading, arithmetic, 0);
    }

    /// <inheritdoc/>
    public override AnswerEvidence? Weigh(double tolerance)
    {
        if (answer is not double value)
        {
            return null;
        }
        TSum own = Own ?? OfTheTruth;
        return Arithmetic.Evidence(own, mistakes, value);
    }

    /// <inheritdoc/>
    protected override IEnumerable<(Mistake Mistake, IReadOnlyList<Reading> Answers)> Led() =>
        mistakes.Select(m =>
            (
                (Mistake)m,
                (IReadOnlyList<Reading>)
                    [.. PredictionCatalogue.Predict(m, OfTheTruth).Select(Reading.Written)]
            )
        );
}

using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>Answers that a slip of arithmetic would give, from the student's own readings.</summary>
/// <param name="Mistake">The mistake.</param>
/// <param name="Answers">The answers, in degrees.</param>
public sealed record ArithmeticSlip(Mistake Mistake, IReadOnlyList<double> Answers)
{
    /// <summary>What is said of it here, where what the mistake says elsewhere does not fit; else null.</summary>
    public Feedback? Said { get; init; }
}

/// <summary>How an answer follows from readings.</summary>
/// <param name="Result">The answer that follows, in degrees.</param>
/// <param name="Slips">Answers that slips on the way would give.</param>
public sealed record Computation(double Result, IReadOnlyList<ArithmeticSlip> Slips);

/// <summary>
/// An answer that is computed from one or more readings: a reflex angle, a range, a turn. What came of the readings and what of
/// the arithmetic is told apart by computing it once more from the student's own readings.
/// </summary>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="truth">The true answer, in degrees.</param>
/// <param name="answer">What was answered, in degrees; null while nothing is.</param>
/// <param name="readings">The readings it is computed from.</param>
/// <param name="compute">How it follows from them.</param>
public sealed class ComputedStep(
    string key,
    string title,
    double truth,
    double? answer,
    IReadOnlyList<ReadingStep> readings,
    Func<IReadOnlyList<double>, Computation> compute
) : AnsweredStep(key, title)
{
    // Arithmetic has no noise: what follows to within a degree is computed rightly.
    private const double Exact = 1;

    private Computation? Own =>
        readings.All(r => r.Given is not null)
            ? compute([.. readings.Select(r => r.Given!.Value)])
            : null;

    /// <inheritdoc/>
    public override double ToleranceIn(MarkingRules rules) => rules.Tolerance;

    /// <inheritdoc/>
    public override string Answer => Numbers.Degrees(truth);

    /// <inheritdoc/>
    public override double? Degrees => truth;

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (answer is not double value)
        {
            return Marking.Judge.Unfinished(
                "The last number is missing.",
                "Finish the sum with what you read."
            );
        }
        double error = value - truth;
        Computation own = Own ?? compute([.. readings.Select(r => r.Context.Measure)]);
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
                        ? $"{rules.Say.Degrees(value)} fits, and your sum is right."
                        : $"{rules.Say.Degrees(value)} fits the angle. From what you read the sum comes to {rules.Say.Degrees(own.Result)}: add it up once more.",
                    ""
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
        List<Cause> causes = Arithmetic.Causes(own.Slips, value);
        Mistake? named =
            causes[0].Likelihood >= Diagnosis.NamedFrom
                ? MistakeCatalogue.Find(causes[0].Mistake)
                : null;
        var story = new MistakeStory(readings[0].Context, value, null, rules.Say);
        return new Judgement(
            verdict,
            named?.Tell(story)
                ?? new Feedback(
                    first.Verdict == Verdict.Accepted ? first.Feedback.Praise : null,
                    "I cannot tell how this number follows from what you read.",
                    "Write the sum out, one step under the other."
                )
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
    private ErrorParts Split(Computation own, double value, double error)
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
        Computation own = Own ?? compute([.. readings.Select(r => r.Context.Measure)]);
        return Arithmetic.Evidence(own.Result, own.Slips, value);
    }

    /// <inheritdoc/>
    public override IEnumerable<Prediction> Predict(double tolerance) =>
        Arithmetic.Predict(
            truth,
            compute([.. readings.Select(r => r.Context.Measure)]).Slips,
            tolerance,
            PredictedAnswer.Of
        );
}

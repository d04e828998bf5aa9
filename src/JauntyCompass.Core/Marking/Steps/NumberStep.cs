using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>A number that is worked out without an instrument, with the answers that slips of thinking would give.</summary>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="truth">The true answer.</param>
/// <param name="answer">What was answered; null while nothing is.</param>
/// <param name="slips">Answers that slips would give.</param>
/// <param name="right">What is told about the right answer.</param>
/// <param name="look">Where to look again after an answer that no slip explains.</param>
public sealed class NumberStep(
    string key,
    string title,
    double truth,
    double? answer,
    IReadOnlyList<ArithmeticSlip> slips,
    string right,
    string look
) : AnsweredStep(key, title)
{
    // What is worked out is right or it is not; this much is for adding decimals in binary.
    private const double Rounding = 1e-6;

    /// <summary>Whether it is a number of degrees; else it is a count.</summary>
    public bool IsDegrees { get; init; } = true;

    /// <summary>What should give pause though it was worked out rightly; null where nothing should.</summary>
    public string? Doubt { get; init; }

    /// <inheritdoc/>
    public override string Answer => IsDegrees ? Numbers.Degrees(truth) : Numbers.Plain(truth);

    /// <inheritdoc/>
    public override double? Degrees => IsDegrees ? truth : null;

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (answer is not double value)
        {
            return Marking.Judge.Unfinished("The number is missing.", look);
        }
        double error = value - truth;
        ErrorParts parts = new(0, 0, error, 0);
        if (Math.Abs(error) <= Rounding)
        {
            return new Judgement(
                Doubt is null ? Verdict.Accepted : Verdict.Near,
                new Feedback(null, Doubt ?? right, "")
            )
            {
                Value = IsDegrees ? value : null,
                Error = IsDegrees ? error : null,
                Parts = IsDegrees ? parts : null,
            };
        }
        List<Cause> causes = Arithmetic.Causes(slips, value);
        Mistake? named =
            causes[0].Likelihood >= Diagnosis.NamedFrom
                ? MistakeCatalogue.Find(causes[0].Mistake)
                : null;
        return new Judgement(
            Verdict.NotYet,
            slips.FirstOrDefault(s => s.Mistake == named)?.Said is Feedback said ? said
                : named is ChoiceMistake known ? known.Tell(rules.Say)
                : new Feedback(null, "I cannot tell how this number came about.", look)
        )
        {
            Value = IsDegrees ? value : null,
            Error = IsDegrees ? error : null,
            Parts = IsDegrees ? parts : null,
            Causes = causes,
            LikelyCause = named?.Key ?? Diagnosis.NotExplained,
        };
    }

    /// <inheritdoc/>
    public override AnswerEvidence? Weigh(double tolerance) =>
        answer is double value ? Arithmetic.Evidence(truth, slips, value) : null;

    /// <inheritdoc/>
    public override IEnumerable<Prediction> Predict(double tolerance) =>
        Arithmetic.Predict(
            truth,
            slips,
            IsDegrees ? tolerance : 0,
            a => IsDegrees ? PredictedAnswer.Of(a) : new PredictedAnswer(Numbers.Plain(a))
        );
}

using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>A number of degrees that comes of work with an instrument: read on it, or drawn with it.</summary>
/// <typeparam name="TAnswer">The type of answer.</typeparam>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="context">The true context.</param>
/// <param name="given">What was read or drawn, in degrees; null while nothing is.</param>
/// <param name="mistakes">The mistakes that can show in it.</param>
/// <param name="figure">The drawing, when one was made.</param>
public abstract class InstrumentStep<TAnswer>(
    string key,
    Message title,
    MarkingContext context,
    double? given,
    IReadOnlyList<InstrumentMistake> mistakes,
    DrawnFigure? figure
) : AnsweredStep<TAnswer>(key, title)
    where TAnswer : MeasuredAnswer
{
    /// <summary>The true context.</summary>
    public MarkingContext Context => context;

    /// <summary>What was read or drawn, in degrees.</summary>
    public double? Given => given;

    /// <summary>What is told while there is no answer.</summary>
    public Func<MarkingRules, Judgement> Missing { get; init; } = Marking.Judge.NoReading;

    /// <summary>Why the answer does not stand, whatever its number; null where it does.</summary>
    public Func<MarkingRules, Judgement>? Objection { get; init; }

    /// <summary>Which of several readings it is, told before what went wrong with it; null where there is one.</summary>
    public Message? Place { get; init; }

    /// <summary>The answer that a number of degrees on the instrument comes to.</summary>
    protected abstract TAnswer AnswerOf(double degrees);

    /// <summary>A judgement of the number on the instrument, told of what was asked.</summary>
    protected virtual Judgement OfTheAsked(Judgement judged) => judged;

    /// <inheritdoc/>
    public sealed override double ToleranceIn(MarkingRules rules) => rules.Tolerance;

    /// <inheritdoc/>
    public sealed override IReadOnlyList<TAnswer> Right => [AnswerOf(context.Measure)];

    /// <inheritdoc/>
    public sealed override Judgement Judge(MarkingRules rules)
    {
        if (Objection is not null)
        {
            return Objection(rules);
        }
        return given is double value
            ? Placed(OfTheAsked(Marking.Judge.Of(context, figure, value, mistakes, rules)), rules)
            : Missing(rules);
    }

    private Judgement Placed(Judgement judged, MarkingRules rules) =>
        Place is null || judged.Verdict == Verdict.Accepted
            ? judged
            : judged with
            {
                Feedback = judged.Feedback with
                {
                    Happened = judged.Feedback.Happened is Message happened
                        ? Text.Units.TwoSentences(Place, happened)
                        : Place,
                },
            };

    /// <inheritdoc/>
    public sealed override AnswerEvidence? Weigh(double tolerance) =>
        given is double value
            ? Diagnosis.Evidence(context, figure, value, mistakes, tolerance)
            : null;

    /// <inheritdoc/>
    protected sealed override IEnumerable<(
        Mistake Mistake,
        IReadOnlyList<TAnswer> Answers
    )> Led() => mistakes.Select(m => ((Mistake)m, (IReadOnlyList<TAnswer>)LedBy(m)));

    private List<TAnswer> LedBy(InstrumentMistake mistake)
    {
        // What is compared is what is written: tenths of a degree.
        const int Decimals = 1;
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        PredictionCatalogue.Predict(mistake, context, null, ref outcomes);
        var answers = new List<TAnswer>(outcomes.Count);
        for (int i = 0; i < outcomes.Count; i++)
        {
            if (outcomes[i].Spread == 0)
            {
                answers.Add(AnswerOf(Math.Round(outcomes[i].Degrees, Decimals)));
            }
        }
        return answers;
    }
}

using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>A number of degrees found or drawn with an instrument.</summary>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="context">The true context.</param>
/// <param name="answer">The answer, in degrees; null while none is given.</param>
/// <param name="mistakes">The mistakes that can show in it.</param>
/// <param name="figure">The drawing, when one was made.</param>
public sealed class ReadingStep(
    string key,
    string title,
    MarkingContext context,
    double? answer,
    IReadOnlyList<InstrumentMistake> mistakes,
    DrawnFigure? figure = null
) : AnsweredStep<Reading>(key, title)
{
    /// <summary>The true context.</summary>
    public MarkingContext Context => context;

    /// <summary>What was answered, in degrees.</summary>
    public double? Given => answer;

    /// <summary>Letters at the points of the angle, where the item has several; null where it has one.</summary>
    public AngleNames? Names { get; init; }

    /// <summary>What is told while there is no answer.</summary>
    public Func<MarkingRules, Judgement> Missing { get; init; } = Marking.Judge.NoReading;

    /// <summary>Why the answer does not stand, whatever its number; null where it does.</summary>
    public Func<MarkingRules, Judgement>? Objection { get; init; }

    /// <summary>Whether the number that is drawn had to be worked out first: to name it would give it away.</summary>
    public bool IsWorkedOut { get; init; }

    /// <summary>
    /// Whether what is asked is the reflex angle, of which the instrument shows the smaller one between the same arms: it is told and
    /// answered as what is left of 360.
    /// </summary>
    public bool OfReflex { get; init; }

    private double Asked(double degrees) => OfReflex ? 360 - degrees : degrees;

    /// <inheritdoc/>
    public override double ToleranceIn(MarkingRules rules) => rules.Tolerance;

    /// <inheritdoc/>
    public override IReadOnlyList<Reading> Right => [new(Asked(context.Measure))];

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (Objection is not null)
        {
            return Objection(rules);
        }
        if (answer is not double value)
        {
            return Missing(rules);
        }
        Judgement judged = Marking.Judge.Of(context, figure, value, mistakes, rules);
        return OfReflex
            ? judged with
            {
                Value = 360 - judged.Value,
                Error = -judged.Error,
                Parts = judged.Parts?.Opposite,
            }
            : judged;
    }

    /// <inheritdoc/>
    public override AnswerEvidence? Weigh(double tolerance) =>
        answer is double value
            ? Diagnosis.Evidence(context, figure, value, mistakes, tolerance)
            : null;

    /// <inheritdoc/>
    protected override IEnumerable<(Mistake Mistake, IReadOnlyList<Reading> Answers)> Led() =>
        mistakes.Select(m => ((Mistake)m, (IReadOnlyList<Reading>)LedBy(m)));

    private List<Reading> LedBy(InstrumentMistake mistake)
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        PredictionCatalogue.Predict(mistake, context, null, ref outcomes);
        var answers = new List<Reading>(outcomes.Count);
        for (int i = 0; i < outcomes.Count; i++)
        {
            if (outcomes[i].Spread == 0)
            {
                answers.Add(Reading.Written(Asked(outcomes[i].Degrees)));
            }
        }
        return answers;
    }
}

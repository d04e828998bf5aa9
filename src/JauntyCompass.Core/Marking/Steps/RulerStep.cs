using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>A mistake, and the numbers to which it leads at a step.</summary>
/// <param name="By">The mistake, in the context in which it is explained here.</param>
/// <param name="Numbers">The numbers; each as likely as the others.</param>
public sealed record NumberLead(MistakeInContext By, IReadOnlyList<double> Numbers);

/// <summary>What a ruler leaves open of a number.</summary>
/// <param name="Least">The least that is accepted.</param>
/// <param name="Most">The most that is accepted.</param>
/// <param name="Spread">How far hands stray about what they mean, as a standard deviation.</param>
/// <param name="Room">Numbers of this kind lie between 0 and this.</param>
public readonly record struct RulerTolerance(double Least, double Most, double Spread, double Room);

/// <summary>A number that is read from a ruler, or worked out of such numbers: it may be off by what the ruler leaves open.</summary>
/// <typeparam name="TAnswer">What it is a number of.</typeparam>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="truth">The true number.</param>
/// <param name="given">What was answered; null while nothing is.</param>
/// <param name="accepted">What is accepted.</param>
/// <param name="of">The answer that a number is.</param>
/// <param name="leads">Numbers that slips would give.</param>
/// <param name="right">What is told about the right answer.</param>
/// <param name="look">Where to look again after an answer that no slip explains.</param>
public sealed class RulerStep<TAnswer>(
    string key,
    Message title,
    double truth,
    double? given,
    RulerTolerance accepted,
    Func<double, TAnswer> of,
    IReadOnlyList<NumberLead> leads,
    Message right,
    Message look
) : AnsweredStep<TAnswer>(key, title)
    where TAnswer : MeasuredAnswer
{
    // Of the answers so many come of none of the mistakes that are known here. Common practice, no source.
    private const double Unknown = 0.08;

    /// <summary>What is told while there is no number, or none that could be read.</summary>
    public Message Missing { get; init; } = Text.Marks.Number.Missing;

    /// <inheritdoc/>
    public override IReadOnlyList<TAnswer> Right { get; } = [of(truth)];

    private bool IsRight(double number) => number >= accepted.Least && number <= accepted.Most;

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (given is not double number)
        {
            return Marking.Judge.Unfinished(rules, Missing, look);
        }
        if (IsRight(number))
        {
            return new Judgement(Verdict.Accepted, new Feedback(null, right));
        }
        List<Cause> causes = LikelyCauses.Of(
            [.. leads.Select(l => (l.By.Mistake, Likelihood(l, number)))],
            1 / accepted.Room,
            Unknown
        );
        MistakeInContext? named =
            causes[0].Likelihood >= Diagnosis.NamedFrom
                ? leads.FirstOrDefault(l => l.By.Mistake.Key == causes[0].Mistake)?.By
                : null;
        return new Judgement(
            Verdict.NotYet,
            named?.Explain() ?? new Feedback(null, Text.Marks.Reading.NotExplained, look)
        )
        {
            Causes = causes,
            LikelyCause = named?.Mistake.Key ?? Diagnosis.NotExplained,
        };
    }

    /// <inheritdoc/>
    public override AnswerEvidence? Weigh(double tolerance)
    {
        if (given is not double number)
        {
            return null;
        }
        double anything = 1 / accepted.Room;
        var evidence = new AnswerEvidence(
            (1 - Unknown) * Density(number, truth) + Unknown * anything,
            anything
        );
        foreach (NumberLead lead in leads)
        {
            evidence.Add(
                lead.By.Mistake,
                (1 - Unknown) * Likelihood(lead, number) + Unknown * anything
            );
        }
        return evidence;
    }

    private double Likelihood(NumberLead lead, double number) =>
        lead.Numbers.Average(meant => Density(number, meant));

    // Of a normal distribution.
    private double Density(double number, double meant)
    {
        double off = (number - meant) / accepted.Spread;
        return Math.Exp(-off * off / 2) / (accepted.Spread * Math.Sqrt(2 * Math.PI));
    }

    /// <inheritdoc/>
    protected override IEnumerable<(Mistake Mistake, IReadOnlyList<TAnswer> Answers)> Led() =>
        leads
            .Select(l => (l.By.Mistake, Numbers: l.Numbers.Where(n => !IsRight(n))))
            .Select(l => (l.Mistake, (IReadOnlyList<TAnswer>)[.. l.Numbers.Select(of)]));
}

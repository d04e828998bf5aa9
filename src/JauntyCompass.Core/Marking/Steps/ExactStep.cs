using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>A mistake, and the answers to which it leads at a step.</summary>
/// <typeparam name="TAnswer">The type of answer.</typeparam>
/// <param name="By">The mistake, in the context in which it is explained here.</param>
/// <param name="Answers">The answers; each as likely as the others.</param>
public sealed record Lead<TAnswer>(MistakeInContext By, IReadOnlyList<TAnswer> Answers)
    where TAnswer : ExactAnswer;

/// <summary>A step whose answer is right or is not: a choice, a name, a count, a number that is worked out.</summary>
/// <typeparam name="TAnswer">The type of answer.</typeparam>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
public abstract class ExactStep<TAnswer>(string key, Message title)
    : AnsweredStep<TAnswer>(key, title)
    where TAnswer : ExactAnswer
{
    // Even who knows it writes or ticks a wrong one now and again. Common practice, no source.
    private const double Slip = 0.04;

    // Of the wrong answers so many come of none of the mistakes that a step knows. Common practice, no source.
    private const double Unknown = 0.25;

    /// <summary>What was answered; null while nothing is.</summary>
    protected abstract TAnswer? Given { get; }

    /// <summary>What each mistake leads to.</summary>
    protected abstract IReadOnlyList<Lead<TAnswer>> Leads { get; }

    /// <summary>How many wrong answers there are to be come to.</summary>
    protected virtual int Wrong => Right[0].UsualWrong;

    /// <summary>Whether an answer is right.</summary>
    protected virtual bool IsRight(TAnswer answer) => Right.Contains(answer);

    /// <summary>Whether an answer is one to which a mistake leads.</summary>
    protected virtual bool IsOf(Lead<TAnswer> lead, TAnswer answer) =>
        lead.Answers.Contains(answer);

    /// <summary>A mistake in the context in which it is explained to someone who gave an answer; null where it is none that is known here.</summary>
    protected virtual MistakeInContext? Named(string mistake, TAnswer given) =>
        Leads.FirstOrDefault(l => l.By.Mistake.Key == mistake)?.By;

    /// <summary>Judges that nothing is answered yet.</summary>
    protected abstract Judgement Missing(MarkingRules rules);

    /// <summary>Judges the right answer.</summary>
    protected abstract Judgement Accepted(MarkingRules rules);

    /// <summary>What is told of a wrong answer that no mistake explains.</summary>
    protected abstract Feedback NotExplained(TAnswer given, MarkingRules rules);

    /// <inheritdoc/>
    public sealed override Judgement Judge(MarkingRules rules)
    {
        if (Given is not TAnswer given)
        {
            return Missing(rules);
        }
        if (IsRight(given))
        {
            return Measured(given, Accepted(rules));
        }
        List<Cause> causes = Causes(given);
        MistakeInContext? named =
            causes[0].Likelihood >= Diagnosis.NamedFrom ? Named(causes[0].Mistake, given) : null;
        return Measured(
            given,
            new Judgement(Verdict.NotYet, named?.Explain() ?? NotExplained(given, rules))
            {
                Causes = causes,
                LikelyCause = named?.Mistake.Key ?? Diagnosis.NotExplained,
                Picture = named?.Draw(),
            }
        );
    }

    // What is worked out in degrees is wrong by degrees of arithmetic.
    private Judgement Measured(TAnswer given, Judgement judged) =>
        given.Degrees is double value && Degrees is double truth
            ? judged with
            {
                Value = value,
                Error = value - truth,
                Parts = new ErrorParts(0, 0, value - truth, 0),
            }
            : judged;

    // A wrong answer came of one of the mistakes that lead to a wrong one here, or by guessing.
    private List<Cause> Causes(TAnswer given) =>
        LikelyCauses.Of(
            [.. Leads.Select(l => (l.By.Mistake, IsOf(l, given) ? 1.0 / l.Answers.Count : 0))],
            1.0 / Wrong,
            Unknown
        );

    /// <inheritdoc/>
    public sealed override AnswerEvidence? Weigh(double tolerance)
    {
        if (Given is not TAnswer given)
        {
            return null;
        }
        bool right = IsRight(given);
        int all = Wrong + Right.Count;
        var evidence = new AnswerEvidence(
            right ? (1 - Slip) / Right.Count : Slip / Wrong,
            1.0 / all
        );
        foreach (Lead<TAnswer> lead in Leads)
        {
            int led = lead.Answers.Count;
            evidence.Add(
                lead.By.Mistake,
                IsOf(lead, given) ? (1 - Slip) / led : Slip / Math.Max(1, all - led)
            );
        }
        return evidence;
    }

    /// <inheritdoc/>
    protected sealed override IEnumerable<(
        Mistake Mistake,
        IReadOnlyList<TAnswer> Answers
    )> Led() => Leads.Select(l => (l.By.Mistake, l.Answers));
}

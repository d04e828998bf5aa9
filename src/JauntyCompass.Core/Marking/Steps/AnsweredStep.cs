using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>
/// One step of an item together with what was answered to it: the kind, an estimate, a reading, a label. It judges the answer,
/// tells how likely each mistake makes it, and predicts what each mistake would answer. Items are made of steps; a step knows
/// nothing of the item.
/// </summary>
/// <param name="key">Short unique name within the item, such as <c>reading</c>.</param>
/// <param name="title">What it is called in a mark, such as “Reading”.</param>
public abstract class AnsweredStep(string key, Message title)
{
    /// <summary>Short unique name within the item.</summary>
    public string Key { get; } = key;

    /// <summary>What it is called in a mark.</summary>
    public Message Title { get; } = title;

    /// <summary>Its share of the credit where the teacher sets none.</summary>
    public double Weight { get; init; } = 1;

    /// <summary>Whether the item fails with it. A step that does not decide is told about and credited, no more.</summary>
    public bool Decides { get; init; } = true;

    /// <summary>Whether, where it does not decide, its causes stand in the mark beside those of the step that does.</summary>
    public virtual bool ShowsBeside => false;

    /// <summary>Whether it counts for anything; else it is only there to be looked at.</summary>
    public bool Counts => Decides || Weight > 0;

    /// <summary>By how many degrees an answer to it may be off; 0 where nothing is measured.</summary>
    public virtual double ToleranceIn(MarkingRules rules) => 0;

    /// <summary>The right answers; where several are, any of them.</summary>
    public abstract IReadOnlyList<Answer> Right { get; }

    /// <summary>The right answer, as it is written.</summary>
    public Message Answer =>
        Right.Select(a => a.Text).Aggregate((one, other) => Text.Units.EitherOf(one, other));

    /// <summary>The right answer in degrees; null when it is no number of degrees.</summary>
    public double? Degrees => Right is [Answer only] ? only.Degrees : null;

    /// <summary>Judges what was answered.</summary>
    public abstract Judgement Judge(MarkingRules rules);

    /// <summary>What the answer says of every mistake; null when it says nothing.</summary>
    /// <param name="tolerance">Tolerance, in degrees.</param>
    public virtual AnswerEvidence? Weigh(double tolerance) => null;

    /// <summary>What each mistake that fixes its answer would answer.</summary>
    /// <param name="tolerance">Tolerance, in degrees.</param>
    public abstract IEnumerable<Prediction> Predict(double tolerance);
}

/// <summary>A step that is answered with answers of one type; what mistakes lead to at it is of that type, too.</summary>
/// <typeparam name="TAnswer">The type of answer.</typeparam>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
public abstract class AnsweredStep<TAnswer>(string key, Message title) : AnsweredStep(key, title)
    where TAnswer : Answer
{
    /// <inheritdoc/>
    public abstract override IReadOnlyList<TAnswer> Right { get; }

    /// <summary>The answers to which each mistake leads that fixes its answer.</summary>
    protected virtual IEnumerable<(Mistake Mistake, IReadOnlyList<TAnswer> Answers)> Led() => [];

    /// <inheritdoc/>
    public sealed override IEnumerable<Prediction> Predict(double tolerance) =>
        from led in Led()
        where led.Answers.Count > 0
        select new Prediction(
            led.Mistake,
            led.Answers,
            led.Answers.All(a => Right.All(right => a.IsApartFrom(right, tolerance)))
        );
}

/// <summary>What one mistake would answer at one step.</summary>
/// <param name="Mistake">The mistake.</param>
/// <param name="Answers">The answers it would give, with the instrument laid on well.</param>
/// <param name="Shows">Whether none of them would be accepted.</param>
public sealed record Prediction(Mistake Mistake, IReadOnlyList<Answer> Answers, bool Shows);

using System.Text.Json.Serialization;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>
/// One step of an item together with what was answered to it: the kind, an estimate, a reading, a label. It judges the answer,
/// tells how likely each mistake makes it, and foretells what each mistake would answer. Items are made of steps; a step knows
/// nothing of the item.
/// </summary>
/// <param name="key">Short unique name within the item, such as <c>reading</c>.</param>
/// <param name="title">What it is called in a mark, such as “Reading”.</param>
public abstract class AnsweredStep(string key, string title)
{
    /// <summary>Short unique name within the item.</summary>
    public string Key { get; } = key;

    /// <summary>What it is called in a mark.</summary>
    public string Title { get; } = title;

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

    /// <summary>The right answer, as it is written.</summary>
    public abstract string Answer { get; }

    /// <summary>The right answer in degrees; null when it is no number of degrees.</summary>
    public virtual double? Degrees => null;

    /// <summary>Judges what was answered.</summary>
    public abstract Judgement Judge(MarkingRules rules);

    /// <summary>What the answer says of every mistake; null when it says nothing.</summary>
    /// <param name="tolerance">Tolerance, in degrees.</param>
    public virtual AnswerEvidence? Weigh(double tolerance) => null;

    /// <summary>What each mistake that fixes its answer would answer.</summary>
    /// <param name="tolerance">Tolerance, in degrees.</param>
    public virtual IEnumerable<Prediction> Predict(double tolerance) => [];
}

/// <summary>An answer that a mistake would give.</summary>
public readonly record struct PredictedAnswer
{
    // Words only where there is no number: telling a number is left until somebody reads it.
    private readonly string? _text;

    /// <summary>An answer in words.</summary>
    public PredictedAnswer(string text)
        : this(text, degrees: null) { }

    [JsonConstructor]
    private PredictedAnswer(string? text, double? degrees) =>
        (_text, Degrees) = (degrees is null ? text : null, degrees);

    /// <summary>An answer of some degrees, as it is told: rounding must not carry it across the border of the tolerance.</summary>
    public static PredictedAnswer Of(double degrees) => new(null, Math.Round(degrees, 1));

    /// <summary>As it is written.</summary>
    public string Text => _text ?? Wording.Numbers.Degrees(Degrees!.Value);

    /// <summary>In degrees, or null when it is no number of degrees.</summary>
    public double? Degrees { get; }

    /// <summary>Whether two answers can be told apart.</summary>
    public bool IsApartFrom(PredictedAnswer other, double tolerance) =>
        Degrees is double one && other.Degrees is double two
            ? Math.Abs(one - two) > tolerance
            : Text != other.Text;
}

/// <summary>What one mistake would answer at one step.</summary>
/// <param name="Mistake">The mistake.</param>
/// <param name="Answers">The answers it would give, with the instrument laid on well.</param>
/// <param name="Shows">Whether none of them would be accepted.</param>
public sealed record Prediction(
    Mistake Mistake,
    IReadOnlyList<PredictedAnswer> Answers,
    bool Shows
);

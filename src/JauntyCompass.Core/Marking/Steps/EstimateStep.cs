using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>An estimate by eye: kept for the check, and told about kindly, since it is no measurement.</summary>
/// <param name="truth">The true measure, in degrees.</param>
/// <param name="estimate">The estimate, in degrees; null while none is made.</param>
public sealed class EstimateStep(double truth, double? estimate)
    : AnsweredStep<Estimate>("estimate", Text.Kinds.Steps.Estimate)
{
    private const double Fair = 25;

    /// <summary>Whether it was drawn, not said.</summary>
    public bool IsDrawn { get; init; }

    /// <summary>What is told while there is no estimate.</summary>
    public Message Missing { get; init; } = Text.Marks.Estimate.Missing;

    /// <inheritdoc/>
    public override double ToleranceIn(MarkingRules rules) => Estimate.Good;

    /// <inheritdoc/>
    public override IReadOnlyList<Estimate> Right => [new(truth)];

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (estimate is not double guess)
        {
            return new Judgement(
                Verdict.NotYet,
                new Feedback(null, Missing, Text.Marks.Estimate.First)
            );
        }
        double off = guess - truth;
        Verdict verdict =
            Math.Abs(off) <= Estimate.Good ? Verdict.Accepted
            : Math.Abs(off) <= Fair ? Verdict.Near
            : Verdict.NotYet;
        if (verdict == Verdict.Accepted)
        {
            return Judged(verdict, guess, off, null, null);
        }
        // What a drawing measures is still to be found out, so it is not told.
        Message happened = (IsDrawn, off > 0) switch
        {
            (true, true) => Text.Marks.Estimate.DrawnTooLarge,
            (true, false) => Text.Marks.Estimate.DrawnTooSmall,
            (false, true) => Text.Marks.Estimate.TooLarge(guess),
            _ => Text.Marks.Estimate.TooSmall(guess),
        };
        Message tip = Text.Marks.Estimate.HoldAgainst;
        return Decides
            ? Judged(verdict, guess, off, happened, tip)
            : Judged(verdict, guess, off, Text.Units.TwoSentences(happened, tip), null);
    }

    private static Judgement Judged(
        Verdict verdict,
        double guess,
        double off,
        Message? happened,
        Message? next
    ) => new(verdict, new Feedback(null, happened, next)) { Value = guess, Error = off };
}

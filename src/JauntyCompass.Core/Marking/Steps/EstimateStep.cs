using JauntyCompass.Core.Answers;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>An estimate by eye: kept for the check, and happened about kindly, since it is no measurement.</summary>
/// <param name="truth">The true measure, in degrees.</param>
/// <param name="estimate">The estimate, in degrees; null while none is made.</param>
public sealed class EstimateStep(double truth, double? estimate)
    : AnsweredStep<Estimate>("estimate", "Estimate")
{
    private const double Fair = 25;

    /// <summary>Whether it was drawn, not said.</summary>
    public bool IsDrawn { get; init; }

    /// <summary>What is happened while there is no estimate.</summary>
    public string Missing { get; init; } = "There is no estimate to check against.";

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
                new Feedback(null, Missing, "Do that first, then measure.")
            );
        }
        double off = guess - truth;
        Verdict verdict =
            Math.Abs(off) <= Estimate.Good ? Verdict.Accepted
            : Math.Abs(off) <= Fair ? Verdict.Near
            : Verdict.NotYet;
        if (verdict == Verdict.Accepted)
        {
            return Judged(verdict, guess, off, "", "");
        }
        string size = off > 0 ? "large" : "small";
        // What a drawing measures is still to be found out, so it is not happened.
        string happened = IsDrawn
            ? $"What you drew by eye is a good deal too {size}."
            : $"Your estimate was {rules.Phrasing.Degrees(guess)}, and that is a good deal too {size}.";
        const string Tip = "Hold it against a right angle first.";
        return Decides
            ? Judged(verdict, guess, off, happened, Tip)
            : Judged(verdict, guess, off, $"{happened} {Tip}", "");
    }

    private static Judgement Judged(
        Verdict verdict,
        double guess,
        double off,
        string happened,
        string next
    ) => new(verdict, new Feedback(null, happened, next)) { Value = guess, Error = off };
}

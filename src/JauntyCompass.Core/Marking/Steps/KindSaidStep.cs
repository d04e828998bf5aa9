using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>
/// The kind that was said beforehand, and whether the number agrees with it: the check that every teacher asks for. It needs
/// no knowledge of the answer.
/// </summary>
/// <param name="truth">The true kind.</param>
/// <param name="said">The kind that was said; null when none was.</param>
/// <param name="reading">The number that was written, in degrees; null while none is.</param>
public sealed class KindSaidStep(AngleKind truth, AngleKind? said, double? reading)
    : AnsweredStep("kind", "Kind")
{
    /// <inheritdoc/>
    public override string Answer => Numbers.Adjective(truth);

    /// <summary>Whether a kind was said that the number cannot be.</summary>
    public bool Disagrees =>
        said is AngleKind kind && reading is double number && new Measure(number).Kind != kind;

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (said is not AngleKind kind)
        {
            return new Judgement(Verdict.NotYet, new Feedback(null, "", ""));
        }
        string doubt =
            !Disagrees ? ""
            : kind == truth
                ? $"You said {Numbers.Adjective(kind)}. Can {rules.Say.Degrees(reading!.Value)} be that?"
            : $"Look at the opening again: is it really {Numbers.Adjective(kind)}?";
        return new Judgement(
            kind == truth ? Verdict.Accepted : Verdict.NotYet,
            new Feedback(null, doubt, "")
        );
    }
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>
/// The kind that was said beforehand, and whether the number agrees with it: the check that every teacher asks for. It needs
/// no knowledge of the answer.
/// </summary>
/// <param name="truth">The true kind.</param>
/// <param name="said">The kind that was said.</param>
/// <param name="reading">The number that was written, in degrees; null while none is.</param>
public sealed class KindSaidStep(AngleKind truth, AngleKind said, double? reading)
    : AnsweredStep<Choice>("kind", Text.Kinds.Steps.Kind)
{
    /// <inheritdoc/>
    public override bool ShowsBeside => true;

    /// <inheritdoc/>
    public override IReadOnlyList<Choice> Right =>
        [new(truth.ToString(), Text.Angles.Adjective(truth))];

    /// <summary>Whether a kind was said that the number cannot be, nor any that is as good.</summary>
    /// <param name="tolerance">Degrees by which a number may be off.</param>
    public bool Disagrees(double tolerance) =>
        reading is double number
        && new Measure(number).Kind != said
        && KindAt(number - tolerance) != said
        && KindAt(number + tolerance) != said
        && !(said == AngleKind.Right && Math.Abs(number - 90) <= tolerance);

    private static AngleKind KindAt(double number) => new Measure(Math.Clamp(number, 0, 360)).Kind;

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        bool disagrees = Disagrees(rules.Tolerance);
        Message? doubt =
            !disagrees ? null
            : said == truth ? Text.Marks.Kind.CanItBe(said, reading!.Value)
            : Text.Marks.Kind.IsItReally(said);
        Verdict verdict = said == truth ? Verdict.Accepted : Verdict.NotYet;
        var judged = new Judgement(verdict, new Feedback(null, doubt));
        if (!disagrees)
        {
            return judged;
        }
        Mistake mistake = MistakeCatalogue.Get<KindAgainstNumber>();
        return judged with
        {
            Causes = [new Cause(mistake.Key, mistake.Name, Likelihood: 1, Evidence.Choice)],
            LikelyCause = mistake.Key,
        };
    }
}

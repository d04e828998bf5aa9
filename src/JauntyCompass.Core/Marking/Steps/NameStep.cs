using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>A name for an angle, written down.</summary>
/// <param name="vertex">Letter at the vertex.</param>
/// <param name="rays">All rays at the vertex.</param>
/// <param name="start">Letter on one arm.</param>
/// <param name="end">Letter on the other arm.</param>
/// <param name="name">What was written; null while nothing is.</param>
public sealed class NameStep(
    string vertex,
    IReadOnlyList<NamedRay> rays,
    string start,
    string end,
    string? name
) : AnsweredStep("name", "Name")
{
    // Even who knows it makes a slip of the pen now and again. Common practice, no source.
    private const double Slip = 0.04;

    /// <inheritdoc/>
    public override string Answer => $"∠{start}{vertex}{end}";

    /// <summary>The mistake behind a name that is not allowed; null where none is known.</summary>
    public static string? MistakeOf(NameVerdict verdict) =>
        verdict switch
        {
            NameVerdict.TwoLetters => "two-letters",
            NameVerdict.VertexNotInTheMiddle => "vertex-not-in-the-middle",
            NameVerdict.AmbiguousLetter => "ambiguous-letter",
            NameVerdict.OtherAngle => "other-arms",
            _ => null,
        };

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (name is null)
        {
            return Marking.Judge.Unfinished(
                "There is no name yet.",
                $"Say the letters from one {rules.Words.Arm} over the vertex to the other."
            );
        }
        NameVerdict verdict = NameCheck.Of(name, vertex, rays, start, end);
        if (verdict == NameVerdict.Allowed)
        {
            return new Judgement(
                Verdict.Accepted,
                new Feedback(null, "That names it: nobody could mistake it.", "")
            );
        }
        Mistake? mistake = MistakeCatalogue.Find(MistakeOf(verdict));
        return new Judgement(
            Verdict.NotYet,
            mistake is ChoiceMistake known
                ? known.Tell(rules.Say)
                : new Feedback(
                    null,
                    "These letters do not name this angle.",
                    $"Slide a finger from one {rules.Words.Arm} over the vertex to the other, and say the letters as you pass them."
                )
        )
        {
            Causes = mistake is null
                ? []
                : [new Cause(mistake.Key, mistake.Name, 1, Evidence.Choice)],
            LikelyCause = mistake?.Key ?? Diagnosis.NotExplained,
        };
    }

    /// <inheritdoc/>
    public override AnswerEvidence? Weigh(double tolerance)
    {
        if (name is null)
        {
            return null;
        }
        NameVerdict verdict = NameCheck.Of(name, vertex, rays, start, end);
        bool right = verdict == NameVerdict.Allowed;
        var evidence = new AnswerEvidence(right ? 1 - Slip : Slip / 4, 0.2);
        foreach (Prediction predicted in Predict(0))
        {
            bool led = predicted.Mistake.Key == MistakeOf(verdict);
            evidence.Add(predicted.Mistake, led ? 1 - Slip : Slip);
        }
        return evidence;
    }

    /// <inheritdoc/>
    public override IEnumerable<Prediction> Predict(double tolerance)
    {
        yield return Of("vertex-not-in-the-middle", $"∠{vertex}{start}{end}");
        yield return Of("two-letters", $"∠{start}{vertex}");
        if (rays.Count > 2)
        {
            yield return Of("ambiguous-letter", $"∠{vertex}");
            string other = rays.First(r => r.Letter != start && r.Letter != end).Letter;
            yield return Of("other-arms", $"∠{start}{vertex}{other}");
        }
    }

    private static Prediction Of(string mistake, string text) =>
        new(MistakeCatalogue.Find(mistake)!, [new PredictedAnswer(text)], true);
}

using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>What came out of a construction: the ray, and what the way it was come by says of every mistake.</summary>
/// <param name="aim">What was asked.</param>
/// <param name="reading">The construction; null while nothing is drawn.</param>
public sealed class ConstructedStep(ConstructionAim aim, ConstructionReading? reading)
    : AnsweredStep<DrawnAngle>("angle", Text.Kinds.Steps.Constructed)
{
    // Farther off than the tolerance by this, in degrees, is near. Common practice, no source.
    private const double NearBeyond = 1;

    /// <inheritdoc/>
    public override IReadOnlyList<DrawnAngle> Right { get; } = [new DrawnAngle(aim.Degrees)];

    /// <inheritdoc/>
    public override double ToleranceIn(MarkingRules rules) => rules.Tolerance;

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (reading?.Turn is not double turn)
        {
            return Marking.Judge.Unfinished(
                rules,
                Text.Marks.Construction.NoRay,
                Text.Marks.Construction.JoinThem
            );
        }
        const double RoundingAllowance = 1e-9;
        double error = turn - aim.Degrees;
        double off = Math.Abs(error) - RoundingAllowance;
        Verdict verdict =
            off <= rules.Tolerance ? Verdict.Accepted
            : off <= rules.Tolerance + NearBeyond ? Verdict.Near
            : Verdict.NotYet;
        // Where the way was wrong, the stage says so; here it is only told what came out.
        MistakeInContext? unsteady =
            verdict != Verdict.Accepted && reading.Flaw == ConstructionFlaw.None
                ? MistakeInContext.Of(MistakeCatalogue.Get<UnsteadyConstruction>(), reading)
                : null;
        return new Judgement(
            verdict,
            verdict == Verdict.Accepted
                ? new Feedback(null, Text.Marks.Construction.Fits)
                : unsteady?.Explain()
                    ?? new Feedback(
                        null,
                        error > 0
                            ? Text.Marks.Construction.TooLarge
                            : Text.Marks.Construction.TooSmall,
                        Text.Marks.Construction.TryAgain
                    )
        )
        {
            // On the other side of the start it is not less than nothing: it is most of a turn.
            Value = turn < 0 ? turn + 360 : turn,
            Error = error,
            Parts = new ErrorParts(0, 0, 0, error),
            Causes = unsteady is null
                ? []
                :
                [
                    new Cause(
                        unsteady.Mistake.Key,
                        unsteady.Mistake.Name,
                        ConstructionFlaws.SeenRightly,
                        Evidence.Sheet
                    ),
                ],
            LikelyCause =
                verdict == Verdict.Accepted ? null
                : unsteady is null ? Diagnosis.NotExplained
                : unsteady.Mistake.Key,
        };
    }

    /// <inheritdoc/>
    public override AnswerEvidence? Weigh(double tolerance)
    {
        // Of a sheet without a ray nothing is known.
        if (reading?.Ray is null)
        {
            return null;
        }
        // Of work without a habit so many have a flaw of the way, now and again; whoever has the habit shows it, but for what cannot be
        // seen of it. Common practice, no source.
        const double Usual = 0.08;
        const double Unseen = 0.06;
        const double Other = 0.02;
        ConstructionMistake? seen = ConstructionFlaws.MistakeOf(reading.Flaw);
        ConstructionMistake[] all = [.. MistakeCatalogue.OfConstruction.Where(m => m.CanBeHabit)];
        bool clean = reading.Flaw == ConstructionFlaw.None;
        var evidence = new AnswerEvidence(
            clean ? 1 - Usual : Usual / all.Length,
            clean ? 0.4 : 0.6 / (all.Length + 1)
        );
        foreach (ConstructionMistake mistake in all)
        {
            evidence.Add(
                mistake,
                mistake == seen ? 1 - Unseen - Other
                    : clean ? Unseen
                    : Other / all.Length
            );
        }
        return evidence;
    }

    /// <inheritdoc/>
    protected override IEnumerable<(Mistake Mistake, IReadOnlyList<DrawnAngle> Answers)> Led() =>
        from mistake in MistakeCatalogue.OfConstruction
        select (
            (Mistake)mistake,
            (IReadOnlyList<DrawnAngle>)
                [
                    .. ConstructionOutcomes
                        .Of(aim, mistake)
                        .Select(degrees => new DrawnAngle(Math.Round(degrees))),
                ]
        );
}

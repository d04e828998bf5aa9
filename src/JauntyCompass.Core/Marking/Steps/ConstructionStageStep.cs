using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>One stage of a construction, such as <i>one arc across both arms</i>: found on the sheet, or not.</summary>
/// <param name="key">Short unique name within the item.</param>
/// <param name="title">What it is called in a mark.</param>
/// <param name="what">What is to be done.</param>
/// <param name="isFound">Whether it is on the sheet.</param>
/// <param name="reading">The construction; null while nothing is drawn.</param>
/// <param name="flaw">What went wrong in this stage; null for nothing.</param>
public sealed class ConstructionStageStep(
    string key,
    Message title,
    Message what,
    bool isFound,
    ConstructionReading? reading,
    ConstructionMistake? flaw
) : AnsweredStep<Choice>(key, title)
{
    /// <inheritdoc/>
    public override IReadOnlyList<Choice> Right { get; } = [new Choice(key, what)];

    /// <inheritdoc/>
    public override Judgement Judge(MarkingRules rules)
    {
        if (reading is not null && flaw is not null)
        {
            MistakeInContext named = MistakeInContext.Of(flaw, reading);
            return new Judgement(IsSmall(rules) ? Verdict.Near : Verdict.NotYet, named.Explain())
            {
                Causes =
                [
                    new Cause(flaw.Key, flaw.Name, ConstructionFlaws.SeenRightly, Evidence.Sheet),
                ],
                Value = reading.Turn,
                Error = reading.Turn - reading.Aim.Degrees,
                Parts = reading.Turn is double turn
                    ? new ErrorParts(0, 0, 0, turn - reading.Aim.Degrees)
                    : null,
                LikelyCause = flaw.Key,
                Picture = named.Draw(),
            };
        }
        return isFound
            ? new Judgement(Verdict.Accepted, new Feedback(null, null))
            : Marking.Judge.Unfinished(rules, Text.Marks.Construction.NotFound, what);
    }

    // A flaw of which nothing comes, where the way was right.
    private bool IsSmall(MarkingRules rules) =>
        reading
            is {
                Flaw: ConstructionFlaw.OpeningChanged
                    or ConstructionFlaw.NeedleOff
                    or ConstructionFlaw.ArcsTooShort,
                Turn: double turn
            }
        && Math.Abs(turn - reading.Aim.Degrees) <= rules.Tolerance;
}

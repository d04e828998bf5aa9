using JauntyCompass.Core.Marking;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>What one mistake would answer at one item.</summary>
/// <param name="Mistake">Key of the mistake.</param>
/// <param name="Name">Its name.</param>
/// <param name="Answers">The answers it would give, in degrees, with the instrument laid on well.</param>
/// <param name="Shows">Whether all of them differ from an accepted answer.</param>
public sealed record StripEntry(
    string Mistake,
    string Name,
    IReadOnlyList<double> Answers,
    bool Shows
);

/// <summary>An item with what each mistake would answer at it.</summary>
/// <param name="Item">The item.</param>
/// <param name="Answer">The right answer, in degrees.</param>
/// <param name="Strip">What each mistake that fixes its answer would give.</param>
public sealed record GeneratedItem(Item Item, double Answer, IReadOnlyList<StripEntry> Strip)
{
    /// <summary>Computes the strip of an item.</summary>
    /// <param name="item">The item.</param>
    /// <param name="tolerance">Tolerance in degrees.</param>
    public static GeneratedItem Of(Item item, double tolerance)
    {
        ExerciseKind kind = ExerciseKinds.Of(item);
        Situation situation = kind.Ideal(item);
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        var strip = new List<StripEntry>();
        foreach (Mistake mistake in kind.Mistakes)
        {
            outcomes.Clear();
            mistake.Predict(situation, null, ref outcomes);
            var answers = new List<double>(outcomes.Count);
            bool shows = true;
            for (int i = 0; i < outcomes.Count; i++)
            {
                if (outcomes[i].Spread == 0)
                {
                    // Judged as it is told: rounding must not carry an answer across the border of the tolerance.
                    double answer = Math.Round(outcomes[i].Degrees, 1);
                    answers.Add(answer);
                    shows &= Math.Abs(answer - situation.Measure) > tolerance;
                }
            }
            if (answers.Count > 0)
            {
                strip.Add(new StripEntry(mistake.Key, mistake.Name, answers, shows));
            }
        }
        return new GeneratedItem(item, situation.Measure, strip);
    }
}

using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Habits;

/// <summary>How sure one can be that a student has a habit.</summary>
/// <param name="Mistake">Key of the mistake, or <c>not-explained</c>.</param>
/// <param name="Name">Its name in a few words.</param>
/// <param name="Likelihood">Probability that the student has it, 0 to 1.</param>
/// <param name="Named">Whether it is likely enough, and showed often enough, to be stated as a habit.</param>
public sealed record HabitBelief(string Mistake, Message Name, double Likelihood, bool Named);

/// <summary>What a student's answers say together.</summary>
/// <param name="Answers">How many answered questions they are.</param>
/// <param name="NoHabit">Probability that nothing but the noise of the hand is at work, 0 to 1.</param>
/// <param name="Habits">Habits by likelihood, the likeliest first; those under 1 in 200 are left out.</param>
public sealed record Beliefs(int Answers, double NoHabit, IReadOnlyList<HabitBelief> Habits)
{
    private readonly double[]? _hands;

    /// <summary>How likely each hand of <see cref="HandModel"/> is by the answers; they sum to 1.</summary>
    internal ReadOnlySpan<double> Hands
    {
        get => _hands ?? HandModel.Prior;
        init => _hands = value.ToArray();
    }

    /// <summary>Nothing is known yet.</summary>
    public static Beliefs None { get; } = new(0, 1, []);

    /// <summary>Keys of the habits that are stated as such.</summary>
    public IEnumerable<string> Named => Habits.Where(h => h.Named).Select(h => h.Mistake);

    /// <summary>Probability that the student has the habit, 0 to 1.</summary>
    internal double Of(Mistake mistake)
    {
        for (int i = 0; i < Habits.Count; i++)
        {
            if (Habits[i].Mistake == mistake.Key)
            {
                return Habits[i].Likelihood;
            }
        }
        return 0;
    }
}

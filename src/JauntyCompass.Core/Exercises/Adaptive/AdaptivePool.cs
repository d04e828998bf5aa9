using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Steps;

namespace JauntyCompass.Core.Exercises.Adaptive;

/// <summary>What to ask next, and what is known by now.</summary>
/// <param name="Item">Place of the item to ask, from 0; null when nothing more is to be asked.</param>
/// <param name="Known">Whether it is known what this student does, habits or none.</param>
/// <param name="Gain">How much the answer is expected to tell, in bits.</param>
/// <param name="Beliefs">What the answers so far say together.</param>
public sealed record NextChoice(int? Item, bool Known, double Gain, Beliefs Beliefs);

/// <summary>
/// Items from which the next one is chosen for each student: the one whose answer is expected to tell most about what this
/// student does (largest expected loss of entropy), until that is known or a limit is reached.
/// </summary>
public sealed class AdaptivePool
{
    /// <summary>What a student does counts as known from this probability on.</summary>
    public const double KnownFrom = 0.9;

    // In how many answers a habit is thought to show, and how often any answer comes about otherwise. Common practice, no source.
    private const double Share = 0.5;
    private const double Otherwise = 0.03;

    private readonly IReadOnlyList<Item> _items;
    private readonly Mistake[] _habits;

    // By item, by step: which of the answers that can be told apart each habit would give; the last row is that of no habit.
    private readonly double[][][,] _answers;

    private readonly double _tolerance;

    private AdaptivePool(
        IReadOnlyList<Item> items,
        Mistake[] habits,
        double tolerance,
        double[][][,] answers
    )
    {
        _items = items;
        _tolerance = tolerance;
        _habits = habits;
        _answers = answers;
    }

    /// <summary>Looks at all items once.</summary>
    /// <param name="items">The items.</param>
    /// <param name="among">The mistakes to tell apart; null: all that the items can show.</param>
    /// <param name="tolerance">Tolerance, in degrees.</param>
    /// <param name="cancellation">Gives up between two items.</param>
    public static AdaptivePool Of(
        IReadOnlyList<Item> items,
        IReadOnlyList<Mistake>? among,
        double tolerance,
        CancellationToken cancellation = default
    )
    {
        Mistake[] habits =
        [
            .. (among ?? [.. items.SelectMany(i => ExerciseKinds.Of(i).Mistakes).Distinct()]).Where(
                m => m.CanBeHabit
            ),
        ];
        return new AdaptivePool(
            items,
            habits,
            tolerance,
            [
                .. items.Select(i =>
                {
                    cancellation.ThrowIfCancellationRequested();
                    return ExerciseKinds
                        .Of(i)
                        .Steps(i, null)
                        .Select(s => AnswersTo(s, habits, tolerance))
                        .ToArray();
                }),
            ]
        );
    }

    /// <summary>Chooses what to ask next.</summary>
    /// <param name="answered">First answers so far, by the place of their item.</param>
    /// <param name="limit">The most items that are asked.</param>
    public NextChoice Next(IReadOnlyDictionary<int, Response> answered, int limit)
    {
        List<AnswerEvidence> evidence =
        [
            .. answered
                .OrderBy(a => a.Key)
                .SelectMany(a =>
                    ExerciseKinds.Of(_items[a.Key]).Weigh(_items[a.Key], a.Value, _tolerance)
                ),
        ];
        Beliefs beliefs = HabitFinder.Find(evidence, _habits);
        bool known =
            answered.Count > 0
            && (
                beliefs.NoHabit >= KnownFrom
                || beliefs.Habits is [{ Named: true, Likelihood: >= KnownFrom }, ..]
            );
        if (known || answered.Count >= Math.Min(limit, _items.Count))
        {
            return new NextChoice(null, known, 0, beliefs);
        }
        double[] now = Hypotheses(beliefs);
        int best = -1;
        double most = double.NegativeInfinity;
        for (int i = 0; i < _items.Count; i++)
        {
            if (answered.ContainsKey(i))
            {
                continue;
            }
            double gain = _answers[i].Sum(step => Gain(now, step));
            // Of items that tell as much, the first.
            if (gain > most + 1e-9)
            {
                (best, most) = (i, gain);
            }
        }
        return new NextChoice(best, Known: false, most, beliefs);
    }

    // One probability for every habit and a last one for none; what is not in the catalogue is left aside.
    private double[] Hypotheses(Beliefs beliefs)
    {
        double[] now = new double[_habits.Length + 1];
        for (int h = 0; h < _habits.Length; h++)
        {
            // Before the first answer every habit may be there.
            now[h] = beliefs.Answers == 0 ? 1 : Math.Max(beliefs.Of(_habits[h]), 1e-4);
        }
        now[^1] = beliefs.Answers == 0 ? 1 : Math.Max(beliefs.NoHabit, 1e-4);
        double sum = now.Sum();
        for (int h = 0; h < now.Length; h++)
        {
            now[h] /= sum;
        }
        return now;
    }

    private static double Gain(double[] now, double[,] answers)
    {
        double after = 0;
        Span<double> joint = stackalloc double[now.Length];
        for (int a = 0; a < answers.GetLength(1); a++)
        {
            double sum = 0;
            for (int h = 0; h < now.Length; h++)
            {
                joint[h] = now[h] * answers[h, a];
                sum += joint[h];
            }
            after += sum * Entropy(joint, sum);
        }
        return Entropy(now, 1) - after;
    }

    private static double Entropy(ReadOnlySpan<double> weights, double sum)
    {
        double entropy = 0;
        foreach (double weight in weights)
        {
            double p = sum > 0 ? weight / sum : 0;
            entropy -= p > 0 ? p * Math.Log2(p) : 0;
        }
        return entropy;
    }

    private static double[,] AnswersTo(AnsweredStep step, Mistake[] habits, double tolerance)
    {
        // Any of the right answers will do.
        var answers = new List<Answer> { step.Right[0] };
        var given = new List<int>[habits.Length];
        foreach (Prediction predicted in step.Predict(tolerance))
        {
            int habit = Array.IndexOf(habits, predicted.Mistake);
            if (habit < 0)
            {
                continue;
            }
            given[habit] ??= [];
            foreach (Answer answer in predicted.Answers)
            {
                int known = answers.FindIndex(a => !a.IsApartFrom(answer, tolerance));
                if (known < 0)
                {
                    known = answers.Count;
                    answers.Add(answer);
                }
                given[habit].Add(known);
            }
        }
        return Table(given, answers.Count);
    }

    private static double[,] Table(List<int>[] given, int answers)
    {
        double[,] table = new double[given.Length + 1, answers];
        for (int h = 0; h <= given.Length; h++)
        {
            List<int>? own = h < given.Length ? given[h] : null;
            double shown = own is { Count: > 0 } ? Share : 0;
            for (int a = 0; a < answers; a++)
            {
                table[h, a] = Otherwise / answers;
            }
            table[h, 0] += (1 - Otherwise) * (1 - shown);
            foreach (int answer in own ?? [])
            {
                table[h, answer] += (1 - Otherwise) * shown / own!.Count;
            }
        }
        return table;
    }
}

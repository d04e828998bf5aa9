using System.Globalization;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Benchmarks;

/// <summary>
/// Tries the naming of one habit of one kind of exercise from five items, in three of which it shows on average: algebra, two
/// triangles, constructions. What else is taken for the likeliest stands beside it.
/// </summary>
internal static class KindTrial
{
    private const int Students = 300;
    private const int Items = 5;
    private const double Share = 0.6;

    // Twice as far astray as the hands that the marker was made for.
    private static readonly Hand Unsteady = new(
        2 * Hand.Careful.CentreMillimetres,
        2 * Hand.Careful.TurnDegrees,
        2 * Hand.Careful.EyeDegrees,
        2 * Hand.Careful.PencilMillimetres
    );

    private static readonly string[] Kinds =
    [
        "parts",
        "similar",
        "side-ratios",
        "draw-triangles",
        "bisect",
        "copy",
        "build",
    ];

    internal static void Run(TextWriter output)
    {
        output.WriteLine(
            $"One habit, {Items} items, shown in {100 * Share:0} % of them: likeliest in % of {Students} students who showed it at all; stated; and what was taken for it"
        );
        foreach (string key in Kinds)
        {
            ExerciseKind kind = ExerciseKinds.Find(key)!;
            Mistake[] known = [.. kind.Mistakes.Where(m => m.CanBeHabit && IsOfKind(m))];
            output.WriteLine();
            output.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{key}: {Accused(kind, known, Hand.Careful):0.0} % of careful students accused, {Accused(kind, known, Unsteady):0.0} % of unsteady ones"
                )
            );
            double unsteady = known.Average(h => Named(kind, known, h, Unsteady).Likeliest);
            double all = 0;
            foreach (Mistake habit in known)
            {
                (double likeliest, double stated, string other) = Named(
                    kind,
                    known,
                    habit,
                    Hand.Careful
                );
                all += likeliest;
                output.WriteLine(
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"  {habit.Key, -24} {likeliest, 6:0.0} {stated, 6:0.0}  {other}"
                    )
                );
            }
            output.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"  {"all of them", -24} {all / known.Length, 6:0.0}  with unsteady hands {unsteady:0.0}"
                )
            );
        }
    }

    // Those of laying and reading a protractor have trials of their own.
    private static bool IsOfKind(Mistake mistake) => mistake is not InstrumentMistake;

    private static (double Likeliest, double Stated, string Other) Named(
        ExerciseKind kind,
        Mistake[] known,
        Mistake habit,
        Hand hand
    )
    {
        int shown = 0;
        int likeliest = 0;
        int stated = 0;
        var others = new Dictionary<string, int>();
        for (int s = 0; s < Students; s++)
        {
            if (Believed(kind, known, [new Habit(habit, Share)], s, hand) is not Beliefs found)
            {
                continue;
            }
            shown++;
            string first = found.Habits is [var top, ..] ? top.Mistake : "none";
            likeliest += first == habit.Key ? 1 : 0;
            stated += found.Named.Contains(habit.Key) ? 1 : 0;
            if (first != habit.Key)
            {
                others[first] = others.GetValueOrDefault(first) + 1;
            }
        }
        double share = 100.0 / Math.Max(1, shown);
        return (
            likeliest * share,
            stated * share,
            string.Join(
                ", ",
                others
                    .OrderByDescending(o => o.Value)
                    .Take(3)
                    .Select(o =>
                        string.Create(
                            CultureInfo.InvariantCulture,
                            $"{o.Key} {o.Value * share:0.0}"
                        )
                    )
            )
        );
    }

    private static double Accused(ExerciseKind kind, Mistake[] known, Hand hand) =>
        100.0
        * Enumerable.Range(0, Students).Count(s => Believed(kind, known, [], s, hand)!.Named.Any())
        / Students;

    // Null where a habit never showed: nobody could name it.
    private static Beliefs? Believed(
        ExerciseKind kind,
        Mistake[] known,
        IReadOnlyList<Habit> habits,
        int seed,
        Hand hand
    )
    {
        var spec = new SetSpecification(
            [new KindCount(kind.Key, Items)],
            Mistakes: [.. known.Select(m => m.Key)]
        );
        var student = new SimulatedStudent("Bo", habits, hand);
        var random = new SeededRandom(seed, stream: 9);
        var evidence = new List<AnswerEvidence>();
        bool shows = habits.Count == 0;
        foreach (GeneratedItem made in SetGenerator.Generate(spec, seed).Items)
        {
            Response response = kind.Attempt(made.Item, student, random);
            shows |= kind.Mark(made.Item, response, MarkingRules.Usual).Verdict != Verdict.Accepted;
            evidence.AddRange(kind.Weigh(made.Item, response, MarkingRules.Usual.Tolerance));
        }
        return shows ? HabitFinder.Find(evidence, known) : null;
    }
}

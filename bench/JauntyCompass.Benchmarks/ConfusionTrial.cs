using System.Globalization;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Benchmarks;

/// <summary>
/// What is named of whole work: simulated students lay, read, draw and choose by themselves, each with one habit, and it is looked
/// for among all that the kind can show. True against named, for every kind and every habit that changes what is handed in.
/// </summary>
internal static class ConfusionTrial
{
    private const int Students = 100;
    private const int Items = 8;
    private const double Share = 0.6;
    private const string None = "no habit";

    internal static void Run(TextWriter output)
    {
        output.WriteLine(
            Line(
                $"Whole work, {Items} items, a habit shows in {100 * Share:0} %, looked for among all that the kind can show; % of students"
            )
        );
        output.WriteLine(
            $"{"kind", -20}{"habit", -28}{"alone", 6}{"among", 7}{"nothing", 9}  instead or beside it"
        );
        foreach (ExerciseKind kind in ExerciseKinds.All)
        {
            Print(output, kind, null);
            foreach (
                Mistake habit in kind.Mistakes.Where(m =>
                    m.CanBeHabit && WholeWork.Shows(Counts(kind), m)
                )
            )
            {
                Print(output, kind, habit);
            }
        }
    }

    private static void Print(TextWriter output, ExerciseKind kind, Mistake? habit)
    {
        string[][] named =
        [
            .. Enumerable.Range(0, Students).Select(s => Named(kind, s, habit?.Key)),
        ];
        double Percent(Func<string[], bool> which) => 100.0 * named.Count(which) / Students;
        IEnumerable<string> others = named
            .SelectMany(n => n)
            .Where(n => n != habit?.Key)
            .GroupBy(n => n)
            .OrderByDescending(g => g.Count())
            .Select(g => Line($"{g.Key} {100.0 * g.Count() / Students:0}"));
        output.WriteLine(
            Line(
                $"{kind.Key, -20}{habit?.Key ?? None, -28}{Percent(n => habit is not null && n.SequenceEqual([habit.Key])), 6:0}{Percent(n => habit is not null && n.Length > 1 && n.Contains(habit.Key)), 7:0}{Percent(n => n.Length == 0), 9:0}  {string.Join(", ", others)}"
            )
        );
    }

    private static string Line(FormattableString line) =>
        line.ToString(CultureInfo.InvariantCulture);

    private static string[] Named(ExerciseKind kind, int seed, string? habit) =>
        [
            .. WholeWork
                .Believed(
                    Counts(kind),
                    seed,
                    habit is null ? [] : [new Habit(MistakeCatalogue.Find(habit)!, Share)]
                )
                .Named,
        ];

    private static KindCount[] Counts(ExerciseKind kind) => [new KindCount(kind.Key, Items)];
}

using System.Globalization;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Benchmarks;

/// <summary>
/// Two habits in the same work, measured and drawn: every habit with every other one, looked for among all that the kinds can show.
/// </summary>
internal static class PairTrial
{
    private const int Students = 40;
    private const double Share = 0.6;
    private static readonly KindCount[] Counts = [new("measure", 6), new("draw", 10)];

    internal static void Run(TextWriter output)
    {
        Mistake[] habits =
        [
            .. WholeWork.Mistakes(Counts).Where(m => m.CanBeHabit && WholeWork.Shows(Counts, m)),
        ];
        int[,] both = new int[habits.Length, habits.Length];
        for (int a = 0; a < habits.Length; a++)
        {
            for (int b = a + 1; b < habits.Length; b++)
            {
                both[a, b] = both[b, a] = BothNamed(habits[a].Key, habits[b].Key);
            }
        }
        output.WriteLine(
            Line(
                $"Two habits, each in {100 * Share:0} % of 6 measured and 10 drawn items, among all that the kinds can show; % of students"
            )
        );
        output.WriteLine($"{"habit", -28}{"both named", 11}{"least", 7}  with");
        double all = 0;
        for (int a = 0; a < habits.Length; a++)
        {
            (int Named, string With)[] row =
            [
                .. Enumerable
                    .Range(0, habits.Length)
                    .Where(b => b != a)
                    .Select(b => (both[a, b], habits[b].Key))
                    .Order(),
            ];
            double mean = row.Average(r => Percent(r.Named));
            all += mean / habits.Length;
            IEnumerable<string> least = row.Take(3)
                .Select(r => Line($"{r.With} {Percent(r.Named):0}"));
            output.WriteLine(
                Line(
                    $"{habits[a].Key, -28}{mean, 11:0}{Percent(row[0].Named), 7:0}  {string.Join(", ", least)}"
                )
            );
        }
        output.WriteLine(Line($"{"all pairs", -28}{all, 11:0}"));
    }

    private static double Percent(int students) => 100.0 * students / Students;

    private static int BothNamed(string one, string other) =>
        Enumerable
            .Range(0, Students)
            .Count(seed =>
                WholeWork
                    .Believed(
                        Counts,
                        seed,
                        [
                            new Habit(MistakeCatalogue.Find(one)!, Share),
                            new Habit(MistakeCatalogue.Find(other)!, Share),
                        ]
                    )
                    .Named.ToHashSet()
                    .SetEquals([one, other])
            );

    private static string Line(FormattableString line) =>
        line.ToString(CultureInfo.InvariantCulture);
}

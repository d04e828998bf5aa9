using System.Globalization;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Adaptive;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Benchmarks;

/// <summary>
/// Holds items asked one by one, each chosen for the student, against chosen items asked of everybody: how many it takes to name
/// a habit as surely.
/// </summary>
internal static class AdaptiveTrial
{
    private const int Students = 400;
    private const int PoolSize = 24;
    private const int Limit = 12;
    private static readonly Hand OneDegree = new(0, 0, 1, 0);

    internal static void Run(TextWriter output)
    {
        output.WriteLine(
            $"One habit, share of answers in which it shows; adaptive: pool of {PoolSize}, at most {Limit} items, until known"
        );
        output.WriteLine("share   way           items on average   right %");
        foreach (double share in new[] { 0.4, 0.6 })
        {
            foreach (int items in new[] { 4, 5, 6, 8, 10, 12 })
            {
                output.WriteLine(Line(share, $"fixed {items, 2}", Fixed(items, share)));
            }
            output.WriteLine(Line(share, "until known", Adaptive(share, inOrder: true)));
            output.WriteLine(Line(share, "adaptive", Adaptive(share, inOrder: false)));
        }
    }

    private static string Line(double share, string way, (double Items, double Right) found) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{share, 5:0.0}   {way, -12}  {found.Items, 16:0.00}  {found.Right, 8:0.0}"
        );

    private static Mistake[] Targets =>
        [.. HabitTrial.Targets.Select(k => MistakeCatalogue.Find(k)!)];

    private static Item[] Set(int items, int seed) =>
        [
            .. SetGenerator
                .Generate(
                    new SetSpecification(
                        [new KindCount("measure", items)],
                        Mistakes: HabitTrial.Targets
                    ),
                    seed
                )
                .Items.Select(i => i.Item),
        ];

    private static Response Answer(Item item, SimulatedStudent student, SeededRandom random) =>
        (MeasureResponse)ExerciseKinds.Of(item).Attempt(item, student, random) with
        {
            Placement = null,
            KindSaid = null,
        };

    private static (double, double) Fixed(int items, double share)
    {
        int right = 0;
        foreach (string habit in HabitTrial.Targets)
        {
            for (int s = 0; s < Students; s++)
            {
                var student = new SimulatedStudent(
                    "Bo",
                    [new Habit(MistakeCatalogue.Find(habit)!, share)],
                    OneDegree
                );
                var random = new SeededRandom(1000 * items + s, stream: 5);
                var evidence = Set(items, s)
                    .SelectMany(i => ExerciseKinds.Of(i).Weigh(i, Answer(i, student, random), 2))
                    .ToList();
                right += HabitFinder.Find(evidence, Targets).Named.SequenceEqual([habit]) ? 1 : 0;
            }
        }
        return (items, 100.0 * right / (Students * HabitTrial.Targets.Length));
    }

    // The same rule of stopping, with the items in the order of the set or each chosen for the student.
    private static (double, double) Adaptive(double share, bool inOrder)
    {
        int right = 0;
        int asked = 0;
        AdaptivePool[] pools =
        [
            .. Enumerable.Range(0, 20).Select(s => AdaptivePool.Of(Set(PoolSize, s), Targets, 2)),
        ];
        Item[][] items = [.. Enumerable.Range(0, 20).Select(s => Set(PoolSize, s))];
        foreach (string habit in HabitTrial.Targets)
        {
            for (int s = 0; s < Students; s++)
            {
                var student = new SimulatedStudent(
                    "Bo",
                    [new Habit(MistakeCatalogue.Find(habit)!, share)],
                    OneDegree
                );
                var random = new SeededRandom(77_000 + s, stream: 6);
                var answered = new Dictionary<int, Response>();
                NextChoice next = pools[s % 20].Next(answered, Limit);
                while (next.Item is int chosen)
                {
                    int item = inOrder ? answered.Count : chosen;
                    answered[item] = Answer(items[s % 20][item], student, random);
                    next = pools[s % 20].Next(answered, Limit);
                }
                asked += answered.Count;
                right += next.Beliefs.Named.SequenceEqual([habit]) ? 1 : 0;
            }
        }
        int all = Students * HabitTrial.Targets.Length;
        return ((double)asked / all, 100.0 * right / all);
    }
}

using System.Globalization;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Benchmarks;

/// <summary>
/// Tries the naming of habits on simulated students: readings carry 1° of noise, how the instrument lay is not told, and a habit
/// shows in some share of the answers only.
/// </summary>
internal static class HabitTrial
{
    private const int Students = 400;
    private static readonly Hand OneDegree = new(0, 0, 1, 0);

    /// <summary>The mistakes that the sets of the trial are aimed at.</summary>
    internal static readonly string[] Targets =
    [
        "other-scale",
        "wrong-ten",
        "ticks-backwards",
        "ten-from-other-scale",
        "swapped-digits",
    ];

    internal static void Run(TextWriter output)
    {
        output.WriteLine("One habit, named among all that the set targets; right in % of students");
        output.WriteLine(
            "items  share  chosen  random degrees  multiples of five  ceiling (it shows at all)"
        );
        foreach ((int items, double share) in new[] { (5, 0.6), (8, 0.4) })
        {
            double ceiling = 1 - Math.Pow(1 - share, items);
            output.WriteLine(
                Line(
                    $"{items, 5}  {share, 5:0.0}  {Right(Chosen, items, share), 6:0.0}  {Right(Drawn, items, share), 14:0.0}  {Right(Fives, items, share), 17:0.0}  {100 * ceiling, 7:0.0}"
                )
            );
        }
        output.WriteLine();
        output.WriteLine(
            Line($"Two habits at once, 10 items, each in 50 %: both named {Pairs():0.0} %")
        );
        output.WriteLine(
            Line(
                $"No habit, only noise: accused {Accused(5):0.0} % at 5 items, {Accused(10):0.0} % at 10"
            )
        );
        output.WriteLine();
        Confusion(output);
    }

    private static string Line(FormattableString line) =>
        line.ToString(CultureInfo.InvariantCulture);

    private static SetSpecification Spec(int items, MeasureStep step = MeasureStep.Any) =>
        new([new KindCount("measure", items)], Step: step, Mistakes: Targets);

    private static Item[] Chosen(int items, int seed) =>
        [.. SetGenerator.Generate(Spec(items), seed).Items.Select(i => i.Item)];

    private static Item[] Fives(int items, int seed) =>
        [.. SetGenerator.Generate(Spec(items, MeasureStep.Fives), seed).Items.Select(i => i.Item)];

    // Random whole degrees: one item each of sets that look for nothing.
    private static Item[] Drawn(int items, int seed)
    {
        var random = new SeededRandom(seed, stream: 77);
        Item[] like = Chosen(items, seed);
        return
        [
            .. like.Cast<MeasureItem>()
                .Select(item =>
                    item with
                    {
                        Angle = item.Angle with
                        {
                            Measure = new Core.Angles.Measure(random.Between(5, 175)),
                        },
                    }
                ),
        ];
    }

    private static Beliefs Believed(Item[] items, IReadOnlyList<Habit> habits, int seed)
    {
        var student = new SimulatedStudent("Bo", habits, OneDegree);
        var random = new SeededRandom(seed, stream: 5);
        var evidence = new List<AnswerEvidence>();
        foreach (Item item in items)
        {
            ExerciseKind kind = ExerciseKinds.Of(item);
            var response = (MeasureResponse)kind.Attempt(item, student, random);
            evidence.AddRange(
                kind.Weigh(item, response with { Placement = null, KindSaid = null }, 2)
            );
        }
        return HabitFinder.Find(evidence, [.. Targets.Select(k => MistakeCatalogue.Find(k)!)]);
    }

    private static double Right(Func<int, int, Item[]> make, int items, double share)
    {
        int right = 0;
        int all = 0;
        foreach (string habit in Targets)
        {
            for (int s = 0; s < Students; s++)
            {
                Beliefs found = Believed(
                    make(items, s),
                    [new Habit(MistakeCatalogue.Find(habit)!, share)],
                    1000 * items + s
                );
                right += found.Named.SequenceEqual([habit]) ? 1 : 0;
                all++;
            }
        }
        return 100.0 * right / all;
    }

    private static double Pairs()
    {
        int right = 0;
        int all = 0;
        for (int one = 0; one < Targets.Length; one++)
        {
            for (int other = one + 1; other < Targets.Length; other++)
            {
                for (int s = 0; s < Students / 4; s++)
                {
                    Beliefs found = Believed(
                        Chosen(10, s),
                        [
                            new Habit(MistakeCatalogue.Find(Targets[one])!, 0.5),
                            new Habit(MistakeCatalogue.Find(Targets[other])!, 0.5),
                        ],
                        s
                    );
                    right += found
                        .Named.Order()
                        .SequenceEqual(new[] { Targets[one], Targets[other] }.Order())
                        ? 1
                        : 0;
                    all++;
                }
            }
        }
        return 100.0 * right / all;
    }

    private static double Accused(int items)
    {
        int accused = 0;
        for (int s = 0; s < 4 * Students; s++)
        {
            accused += Believed(Chosen(items, s), [], s).Named.Any() ? 1 : 0;
        }
        return 100.0 * accused / (4 * Students);
    }

    private static void Confusion(TextWriter output)
    {
        string[] columns = [.. Targets, Diagnosis.NotExplained, "nothing", "several"];
        output.WriteLine(
            "Named (columns) for each true habit (rows), 8 items, shows in 40 %; % of students"
        );
        output.WriteLine($"{"", -22}{string.Concat(columns.Select(c => $"{c, 22}"))}");
        foreach (string habit in Targets.Append("no habit"))
        {
            var counts = new Dictionary<string, int>();
            for (int s = 0; s < Students; s++)
            {
                string[] named =
                [
                    .. Believed(
                        Chosen(8, s),
                        habit == "no habit" ? [] : [new Habit(MistakeCatalogue.Find(habit)!, 0.4)],
                        9000 + s
                    ).Named,
                ];
                string told = named.Length switch
                {
                    0 => "nothing",
                    1 => named[0],
                    _ => "several",
                };
                counts[told] = counts.GetValueOrDefault(told) + 1;
            }
            output.WriteLine(
                $"{habit, -22}{string.Concat(columns.Select(c => Line($"{100.0 * counts.GetValueOrDefault(c) / Students, 22:0.0}")))}"
            );
        }
    }
}

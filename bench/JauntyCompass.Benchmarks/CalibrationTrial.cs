using System.Globalization;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Benchmarks;

/// <summary>
/// Whether what is said of a student is true, on students of another making than the marker's model: how many careful ones are
/// accused, how many habits are found, and whether what is said with so much certainty is true so often.
/// </summary>
internal static class CalibrationTrial
{
    private const int Students = 1200;
    private static readonly Mistake[] Catalogue = [.. ExerciseKinds.Find("measure")!.Mistakes];
    private static readonly Mistake[] Targets =
    [
        .. OtherHands.Habits.Select(k => MistakeCatalogue.Find(k)!),
    ];

    private static readonly Dictionary<(int, int), Item[]> Sets = [];

    internal static void Run(TextWriter output)
    {
        Careful(output);
        MeasuringExamples(output);
        Habits(output);
        Certainty(output);
    }

    private static void Careful(TextWriter output)
    {
        output.WriteLine("Careful students accused of a habit, whole catalogue searched; %");
        output.WriteLine($"{"hand", -26}{"5 items", 9}{"10 items", 10}");
        foreach (OtherHands.Hand hand in OtherHands.All)
        {
            output.WriteLine(
                Line($"{hand.Name, -26}{Accused(hand, 5), 9:0.0}{Accused(hand, 10), 10:0.0}")
            );
        }
        output.WriteLine();
    }

    private static double Accused(OtherHands.Hand hand, int items) =>
        Percent(seed => Believed(items, seed, hand, [], Catalogue).Named.Any());

    private static void MeasuringExamples(TextWriter output)
    {
        double alternating = Percent(seed =>
            Find(Items(10, seed), (truth, i) => truth + (i % 2 == 0 ? 2 : -2), Catalogue)
                .Named.Any()
        );
        double once = Percent(seed =>
        {
            var random = new SeededRandom(seed, stream: 31);
            int at = random.Below(10);
            string slip = OtherHands.Habits[seed % OtherHands.Habits.Length];
            return Find(
                Items(10, seed),
                (truth, i) => i == at ? OtherHands.Led(slip, truth, random) : truth,
                Catalogue
            )
                .Named.Any();
        });
        double guesser = Percent(seed =>
            Guessed(10, seed).Named.Any(n => n != Diagnosis.NotExplained)
        );
        output.WriteLine(Line($"All accepted, ±2° in turn, a habit named: {alternating:0.0} %"));
        output.WriteLine(Line($"One slip in ten exact answers, stated as a habit: {once:0.0} %"));
        output.WriteLine(Line($"Guessers told a habit of the catalogue: {guesser:0.0} %"));
        output.WriteLine();
    }

    private static void Habits(TextWriter output)
    {
        output.WriteLine("One habit: likeliest / stated; % of students");
        output.WriteLine(
            $"{"items, share, hand", -44}{"targets", 16}{"whole catalogue", 18}{"shows twice", 13}"
        );
        foreach (OtherHands.Hand hand in new[] { OtherHands.One, OtherHands.Lapsing })
        {
            foreach ((int items, double share) in new[] { (5, 0.6), (8, 0.4) })
            {
                (double likeliest, double stated) = Right(items, share, hand, Targets);
                (double among, double statedAmong) = Right(items, share, hand, Catalogue);
                double twice =
                    1 - Math.Pow(1 - share, items) - items * share * Math.Pow(1 - share, items - 1);
                output.WriteLine(
                    Line(
                        $"{$"{items}, {share.ToString("0.0", CultureInfo.InvariantCulture)}, {hand.Name}", -44}{$"{likeliest:0.0} / {stated:0.0}", 16}{$"{among:0.0} / {statedAmong:0.0}", 18}{100 * twice, 13:0.0}"
                    )
                );
            }
        }
        foreach (OtherHands.Hand hand in new[] { OtherHands.Exact, OtherHands.One })
        {
            output.WriteLine(
                Line(
                    $"Two habits, 10 items, each in half, {hand.Name}: both the likeliest two {Pairs(hand, 0.5):0.0}"
                )
            );
        }
        output.WriteLine(Line($"Two habits in turn, without noise: both {Alternating():0.0}"));
        output.WriteLine();
    }

    private static (double Likeliest, double Stated) Right(
        int items,
        double share,
        OtherHands.Hand hand,
        Mistake[] among
    )
    {
        int likeliest = 0;
        int stated = 0;
        foreach (string habit in OtherHands.Habits)
        {
            for (int seed = 0; seed < Students; seed++)
            {
                Beliefs found = Believed(items, seed, hand, [(habit, share)], among);
                likeliest += found.Habits is [var first, ..] && first.Mistake == habit ? 1 : 0;
                stated += found.Named.SequenceEqual([habit]) ? 1 : 0;
            }
        }
        double all = OtherHands.Habits.Length * Students / 100.0;
        return (likeliest / all, stated / all);
    }

    private static double Pairs(OtherHands.Hand hand, double share)
    {
        int right = 0;
        int all = 0;
        foreach ((string one, string other) in EveryPair())
        {
            for (int seed = 0; seed < Students / 4; seed++)
            {
                Beliefs found = Believed(10, seed, hand, [(one, share), (other, share)], Targets);
                right += found
                    .Habits.Take(2)
                    .Select(h => h.Mistake)
                    .ToHashSet()
                    .SetEquals([one, other])
                    ? 1
                    : 0;
                all++;
            }
        }
        return 100.0 * right / all;
    }

    private static double Alternating()
    {
        int right = 0;
        int all = 0;
        foreach ((string one, string other) in EveryPair())
        {
            for (int seed = 0; seed < 20; seed++)
            {
                var random = new SeededRandom(seed, stream: 33);
                right += Find(
                    Items(10, seed),
                    (truth, i) => OtherHands.Led(i % 2 == 0 ? one : other, truth, random),
                    Targets
                )
                    .Named.ToHashSet()
                    .SetEquals([one, other])
                    ? 1
                    : 0;
                all++;
            }
        }
        return 100.0 * right / all;
    }

    private static IEnumerable<(string, string)> EveryPair() =>
        OtherHands.Habits.SelectMany(
            (one, i) => OtherHands.Habits.Skip(i + 1).Select(other => (one, other))
        );

    // Half without a habit, half with one, a tenth of those with another one beside it; hands of every sort.
    private static void Certainty(TextWriter output)
    {
        var said = new List<(double Likelihood, bool True)>();
        var none = new List<(double Likelihood, bool True)>();
        for (int seed = 0; seed < 12 * Students; seed++)
        {
            var random = new SeededRandom(seed, stream: 34);
            var habits = new List<(string, double)>();
            if (random.Chance(0.5))
            {
                habits.Add((One(random), 0.2 + 0.7 * random.Share()));
                if (random.Chance(0.1))
                {
                    habits.Add((One(random), 0.2 + 0.7 * random.Share()));
                }
            }
            OtherHands.Hand hand = OtherHands.All[random.Below(OtherHands.All.Length)];
            int items = random.Between(4, 10);
            // One in twenty guesses everything; one in ten of the others makes one mistake once.
            int slip = random.Chance(0.1) ? random.Below(items) : -1;
            string slipped = One(random);
            bool guesses = random.Chance(0.05);
            if (guesses)
            {
                habits = [(Diagnosis.NotExplained, 1)];
            }
            Beliefs found = guesses
                ? Guessed(items, seed)
                : Believed(items, seed, hand, habits, Targets, slip, slipped);
            said.AddRange(
                found.Habits.Select(h => (h.Likelihood, habits.Any(x => x.Item1 == h.Mistake)))
            );
            none.Add((found.NoHabit, habits.Count == 0));
        }
        output.WriteLine("Said with so much certainty, and true; %");
        output.WriteLine($"{"said", -14}{"said on average", 16}{"true", 8}{"times", 8}");
        foreach (
            (double from, double to) in new[]
            {
                (0.1, 0.3),
                (0.3, 0.5),
                (0.5, 0.6),
                (0.6, 0.7),
                (0.7, 0.8),
                (0.8, 0.9),
                (0.9, 1.01),
            }
        )
        {
            Row(output, "habit", said, from, to);
        }
        Row(output, "none", none, 0.5, 0.9);
        Row(output, "none", none, 0.9, 1.01);
    }

    private static void Row(
        TextWriter output,
        string name,
        List<(double Likelihood, bool True)> said,
        double from,
        double to
    )
    {
        (double Likelihood, bool True)[] those =
        [
            .. said.Where(s => s.Likelihood >= from && s.Likelihood < to),
        ];
        if (those.Length > 0)
        {
            output.WriteLine(
                Line(
                    $"{$"{name} {from.ToString("0.0", CultureInfo.InvariantCulture)}–{Math.Min(1, to).ToString("0.0", CultureInfo.InvariantCulture)}", -14}{100 * those.Average(s => s.Likelihood), 16:0.0}{100.0 * those.Count(s => s.True) / those.Length, 8:0.0}{those.Length, 8}"
                )
            );
        }
    }

    private static string One(SeededRandom random) =>
        OtherHands.Habits[random.Below(OtherHands.Habits.Length)];

    private static double Percent(Func<int, bool> holds) =>
        100.0 * Enumerable.Range(0, Students).Count(holds) / Students;

    private static Item[] Items(int count, int seed)
    {
        if (!Sets.TryGetValue((count, seed), out Item[]? items))
        {
            var wish = new SetSpecification(
                [new KindCount("measure", count)],
                Mistakes: OtherHands.Habits
            );
            items = [.. SetGenerator.Generate(wish, seed).Items.Select(i => i.Item)];
            Sets[(count, seed)] = items;
        }
        return items;
    }

    private static Beliefs Guessed(int items, int seed)
    {
        var random = new SeededRandom(seed, stream: 32);
        return Find(Items(items, seed), (_, _) => random.Between(5, 175), Catalogue);
    }

    private static Beliefs Believed(
        int items,
        int seed,
        OtherHands.Hand hand,
        IReadOnlyList<(string Mistake, double Share)> habits,
        Mistake[] among,
        int slip = -1,
        string slipped = ""
    )
    {
        var random = new SeededRandom(seed, stream: 30);
        return Find(
            Items(items, seed),
            (truth, i) =>
            {
                double number = i == slip ? OtherHands.Led(slipped, truth, random) : truth;
                foreach ((string mistake, double share) in habits)
                {
                    number = random.Chance(share)
                        ? OtherHands.Led(mistake, number, random)
                        : number;
                }
                return hand.Write(number, random);
            },
            among
        );
    }

    private static Beliefs Find(Item[] items, Func<double, int, double> answer, Mistake[] among)
    {
        var evidence = new List<AnswerEvidence>();
        for (int i = 0; i < items.Length; i++)
        {
            double truth = ((MeasureItem)items[i]).Angle.Measure.Degrees;
            evidence.AddRange(
                ExerciseKinds.Of(items[i]).Weigh(items[i], new MeasureResponse(answer(truth, i)), 2)
            );
        }
        return HabitFinder.Find(evidence, among);
    }

    private static string Line(FormattableString line) =>
        line.ToString(CultureInfo.InvariantCulture);
}

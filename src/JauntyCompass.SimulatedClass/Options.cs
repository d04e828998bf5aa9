using System.Globalization;

namespace JauntyCompass.SimulatedClass;

/// <summary>What the command line asks for.</summary>
/// <param name="Address">Where the application is.</param>
/// <param name="UserName">User name of the teacher in whose name classes and a set are made.</param>
/// <param name="Password">Their password.</param>
/// <param name="Students">How many students, 1 to 600.</param>
/// <param name="Kinds">Kinds of exercise and how many items of each.</param>
/// <param name="Hurry">How many times faster than students work, one number a round; 0: without any pause.</param>
/// <param name="Seed">From which the students and their work are made.</param>
internal sealed record Options(
    Uri Address,
    string UserName,
    string Password,
    int Students,
    IReadOnlyList<(string Kind, int Count)> Kinds,
    IReadOnlyList<double> Hurry,
    int Seed
)
{
    internal const string Usage = """
        A class of simulated students that answers a set through the same door as a student.

        usage: --url http://127.0.0.1:5080 --user NAME --password WORDS
               [--students 30] [--kinds measure:6,draw:4] [--hurry 60] [--seed 1]

          --hurry   how many times faster than students work; 0: without any pause;
                    several numbers, as 60,30,0: the set is given again for each
        """;

    /// <summary>Reads the command line; null when it makes no sense.</summary>
    internal static Options? Of(string[] args)
    {
        var named = new Dictionary<string, string>();
        for (int i = 0; i + 1 < args.Length; i += 2)
        {
            named[args[i]] = args[i + 1];
        }
        CultureInfo invariant = CultureInfo.InvariantCulture;
        if (
            args.Length % 2 != 0
            || !Uri.TryCreate(
                named.GetValueOrDefault("--url", "http://127.0.0.1:5080"),
                UriKind.Absolute,
                out Uri? address
            )
            || !named.TryGetValue("--user", out string? user)
            || !named.TryGetValue("--password", out string? password)
            || !int.TryParse(
                named.GetValueOrDefault("--students", "30"),
                invariant,
                out int students
            )
            || students is < 1 or > 600
            || HurryOf(named.GetValueOrDefault("--hurry", "60")) is not { } hurry
            || !int.TryParse(named.GetValueOrDefault("--seed", "1"), invariant, out int seed)
            || KindsOf(named.GetValueOrDefault("--kinds", "measure:6,draw:4")) is not { } kinds
        )
        {
            return null;
        }
        return new Options(address, user, password, students, kinds, hurry, seed);
    }

    private static List<double>? HurryOf(string text)
    {
        var rounds = new List<double>();
        foreach (string part in text.Split(','))
        {
            if (!double.TryParse(part, CultureInfo.InvariantCulture, out double hurry) || hurry < 0)
            {
                return null;
            }
            rounds.Add(hurry);
        }
        return rounds;
    }

    private static List<(string, int)>? KindsOf(string text)
    {
        var kinds = new List<(string, int)>();
        foreach (string part in text.Split(','))
        {
            if (
                part.Split(':') is not [var kind, var count]
                || !int.TryParse(count, CultureInfo.InvariantCulture, out int items)
            )
            {
                return null;
            }
            kinds.Add((kind, items));
        }
        return kinds;
    }
}

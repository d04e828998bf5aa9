using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.WentWrong.Replays;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Explanations;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong;

/// <summary>One replay for every mistake of the catalogue that can be shown on the sheet.</summary>
public static class ReplayDemonstrations
{
    private const int MostGuesses = 4;

    /// <summary>All replays, the commonest mistake first.</summary>
    public static IReadOnlyList<Demonstration> All { get; } =
    [.. Shown().Select(m => new Replay(m)), .. Drawn().Select(m => new DrawnReplay(m))];

    /// <summary>
    /// Key of the demonstration that shows a mistake: its replay, measuring or drawing, or one that tells of it.
    /// </summary>
    public static string KeyFor(Mistake mistake) =>
        new[] { "wrong-" + mistake.Key, "drawn-" + mistake.Key }.FirstOrDefault(k =>
            All.Any(d => d.Key == k)
        ) ?? mistake.Demonstration!;

    /// <summary>
    /// What the class may guess: the mistake itself among those that follow it in the catalogue and can be made with the instrument, each
    /// in a place of its own.
    /// </summary>
    internal static (Message[] Choices, int Answer) Guesses(
        Mistake mistake,
        Protractor instrument
    ) => Guesses([.. Shown()], mistake, instrument);

    /// <summary>The same for a drawing.</summary>
    internal static (Message[] Choices, int Answer) DrawnGuesses(
        Mistake mistake,
        Protractor instrument
    ) => Guesses([.. Drawn()], mistake, instrument);

    private static (Message[] Choices, int Answer) Guesses(
        IEnumerable<Mistake> all,
        Mistake mistake,
        Protractor instrument
    )
    {
        List<Mistake> among = [.. all.Where(m => m == mistake || m.CanBeMadeOn(instrument))];
        int own = among.FindIndex(m => m.Key == mistake.Key);
        int count = Math.Min(MostGuesses, among.Count);
        List<Mistake> guesses =
        [
            .. Enumerable.Range(1, count - 1).Select(i => among[(own + i) % among.Count]),
        ];
        int answer = own % count;
        guesses.Insert(answer, mistake);
        return ([.. guesses.Select(m => m.Name)], answer);
    }

    private static IEnumerable<Mistake> Shown() =>
        MistakeCatalogue.All.Where(m => ShowsAt(m, 64) || ShowsAt(m, 237));

    private static IEnumerable<Mistake> Drawn() =>
        MistakeCatalogue.All.Where(m =>
            ReplayCatalogue.Drawing(m)?.Replay(AngleOf(64), m.ShownOn) is not null
        );

    /// <summary>Explains a mistake that was made again on the sheet, in the class's way with reflex angles.</summary>
    internal static Feedback Explain(Mistake mistake, MistakeStory story, ReflexMethod way) =>
        mistake switch
        {
            InstrumentMistake made => ExplanationCatalogue.Of(made).Explain(story),
            SumMistake made => ExplanationCatalogue
                .Of(made)
                .Explain(new SumContext(story.Praise, new ReflexSum(story.Context.Measure, way))),
            _ => throw new ArgumentException($"'{mistake.Key}' is not made on a sheet."),
        };

    private static Angle AngleOf(double measure) =>
        new(default, default, new Measure(measure), TurnDirection.Anticlockwise, 90, 90);

    /// <summary>Whether a mistake can be shown at a measure with the instrument it is usually shown on.</summary>
    internal static bool ShowsAt(Mistake mistake, double measure)
    {
        Angle angle = AngleOf(measure);
        Placement placement = WellLaid.Over(angle.Smaller, mistake.ShownOn);
        return ReplayCatalogue
            .Measuring(mistake)
            ?.Replay(LaidAngle.Of(angle, mistake.ShownOn, placement, WhichArm.Start))
            is not null;
    }
}

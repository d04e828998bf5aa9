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
    /// What else could have gone wrong in measuring an angle with an instrument: mistakes that can be made there and lead to another answer,
    /// the likeliest first.
    /// </summary>
    internal static IEnumerable<Message> OtherGuesses(
        Mistake mistake,
        LaidAngle laid,
        double answer
    ) =>
        Others(Shown(), mistake, laid.Protractor)
            .Where(m =>
                ReplayCatalogue.Measuring(m)?.Replay(laid) is { } example
                && Math.Abs(example.Answer - answer) >= ToldApart
            )
            .Select(m => m.Name);

    /// <summary>The same for a drawing.</summary>
    internal static IEnumerable<Message> OtherGuessesOfDrawing(
        Mistake mistake,
        Angle asked,
        Protractor instrument
    ) =>
        Others(Drawn(), mistake, instrument)
            .Where(m => ReplayCatalogue.Drawing(m)?.Replay(asked, instrument) is not null)
            .Select(m => m.Name);

    // Answers nearer to each other than this, in degrees, are one and the same to a class.
    private const double ToldApart = 0.5;

    private static IEnumerable<Mistake> Others(
        IEnumerable<Mistake> all,
        Mistake mistake,
        Protractor instrument
    ) => all.Where(m => m != mistake && m.CanBeMadeOn(instrument)).OrderByDescending(m => m.Prior);

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

namespace JauntyCompass.Core.Wording;

/// <summary>Prompts with a little story. <c>{0}</c> stands for the three-letter name, <c>{1}</c> for the measure.</summary>
public static class Scenes
{
    private static readonly string[] MeasureHarbour =
    [
        "How wide does the drawbridge leaf stand open?",
        "What angle does the crane's jib make with the quay?",
        "How far apart do the two mooring lines run?",
        "What angle does the boom make with the mast?",
        "How steep is the gangway against the pontoon?",
        "Through what angle did the lighthouse beam sweep?",
        "What angle do the two rafters of the boathouse make?",
        "How wide do the lock gates stand apart?",
    ];

    private static readonly string[] DrawHarbour =
    [
        "The crane swings its jib {1} from the quay. Draw it.",
        "The lighthouse beam sweeps through {1}. Draw the sweep.",
        "The drawbridge leaf opens by {1}. Draw it.",
        "The boom stands at {1} to the mast. Draw it.",
        "The gangway makes {1} with the pontoon. Draw it.",
        "Two mooring lines run {1} apart. Draw the second.",
    ];

    /// <summary>A prompt to measure an angle.</summary>
    public static string ToMeasure(bool harbour, int scene, AngleNames names) =>
        harbour
            ? MeasureHarbour[scene % MeasureHarbour.Length]
            : $"Measure the angle {names.Full}.";

    /// <summary>A prompt to draw an angle.</summary>
    /// <param name="harbour">Whether there is a story to it.</param>
    /// <param name="scene">Which one.</param>
    /// <param name="names">Letters of its points.</param>
    /// <param name="measure">The measure, in degrees.</param>
    /// <param name="ownBaseRay">Whether the sheet is empty and the base ray is to be drawn, too.</param>
    public static string ToDraw(
        bool harbour,
        int scene,
        AngleNames names,
        double measure,
        bool ownBaseRay
    )
    {
        string task = harbour
            ? DrawHarbour[scene % DrawHarbour.Length]
                .Replace("{1}", Numbers.Degrees(measure), StringComparison.Ordinal)
            : $"Draw {names.Full} = {Numbers.Degrees(measure)}.";
        return ownBaseRay
            ? $"{task} The sheet is empty: draw the base ray first."
            : $"{task} Start from ray {names.StartRay}, opening the way the small arrow points.";
    }
}

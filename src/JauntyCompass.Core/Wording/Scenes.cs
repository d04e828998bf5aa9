using JauntyCompass.Locales;

namespace JauntyCompass.Core.Wording;

/// <summary>Prompts with a little story.</summary>
public static class Scenes
{
    private static readonly Message[] MeasureHarbour =
    [
        Text.Kinds.Measure.SceneDrawbridge,
        Text.Kinds.Measure.SceneCrane,
        Text.Kinds.Measure.SceneMooringLines,
        Text.Kinds.Measure.SceneBoom,
        Text.Kinds.Measure.SceneGangway,
        Text.Kinds.Measure.SceneLighthouse,
        Text.Kinds.Measure.SceneRafters,
        Text.Kinds.Measure.SceneLockGates,
    ];

    private static readonly Func<double, Message>[] DrawHarbour =
    [
        Text.Kinds.Draw.SceneCrane,
        Text.Kinds.Draw.SceneLighthouse,
        Text.Kinds.Draw.SceneDrawbridge,
        Text.Kinds.Draw.SceneBoom,
        Text.Kinds.Draw.SceneGangway,
        Text.Kinds.Draw.SceneMooringLines,
    ];

    /// <summary>A prompt to measure an angle.</summary>
    /// <param name="harbour">Whether there is a story to it.</param>
    /// <param name="scene">Which one.</param>
    /// <param name="names">Letters of its points.</param>
    public static Message ToMeasure(bool harbour, int scene, AngleNames names) =>
        harbour
            ? MeasureHarbour[scene % MeasureHarbour.Length]
            : Text.Kinds.Measure.Prompt(names.Full);

    /// <summary>A prompt to draw an angle.</summary>
    /// <param name="harbour">Whether there is a story to it.</param>
    /// <param name="scene">Which one.</param>
    /// <param name="names">Letters of its points.</param>
    /// <param name="measure">The measure, in degrees.</param>
    /// <param name="ownBaseRay">Whether the sheet is empty and the base ray is to be drawn, too.</param>
    public static Message ToDraw(
        bool harbour,
        int scene,
        AngleNames names,
        double measure,
        bool ownBaseRay
    )
    {
        Message task = harbour
            ? DrawHarbour[scene % DrawHarbour.Length](measure)
            : Text.Kinds.Draw.Prompt(names.Full, measure);
        return ownBaseRay
            ? Text.Kinds.Draw.OnEmptySheet(task)
            : Text.Kinds.Draw.FromRay(task, names.StartRay);
    }
}

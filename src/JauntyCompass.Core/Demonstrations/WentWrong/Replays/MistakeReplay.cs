using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary>Mistakes that can be made again on the sheet in measuring an angle.</summary>
public abstract class MeasuringReplay
{
    /// <summary>The mistake.</summary>
    internal abstract Mistake OfMistake { get; }

    /// <summary>
    /// How it looks when it is made at an angle: how the instrument lies, along which scale is counted and how far, what is
    /// written. Null when it cannot be shown at this angle with this instrument.
    /// </summary>
    /// <param name="laid">The instrument laid well, with a scale in use.</param>
    public abstract MeasuringExample? Replay(in LaidAngle laid);
}

/// <summary>One mistake that can be made again on the sheet in measuring an angle.</summary>
/// <typeparam name="TMistake">The mistake.</typeparam>
public abstract class MeasuringReplay<TMistake> : MeasuringReplay
    where TMistake : Mistake
{
    internal sealed override Mistake OfMistake => Mistake;

    /// <summary>The mistake.</summary>
    protected static TMistake Mistake => MistakeCatalogue.Get<TMistake>();
}

/// <summary>Mistakes that can be made again on the sheet in drawing an angle.</summary>
public abstract class DrawingReplay
{
    /// <summary>The mistake.</summary>
    internal abstract Mistake OfMistake { get; }

    /// <summary>How it looks when it is made in drawing an angle, or null when it cannot be shown.</summary>
    /// <param name="asked">The angle asked for; its start arm is the base ray.</param>
    /// <param name="instrument">The instrument.</param>
    public abstract DrawingExample? Replay(Angle asked, Protractor instrument);
}

/// <summary>One mistake that can be made again on the sheet in drawing an angle.</summary>
/// <typeparam name="TMistake">The mistake.</typeparam>
public abstract class DrawingReplay<TMistake> : DrawingReplay
    where TMistake : Mistake
{
    internal sealed override Mistake OfMistake => Mistake;

    /// <summary>The mistake.</summary>
    protected static TMistake Mistake => MistakeCatalogue.Get<TMistake>();
}

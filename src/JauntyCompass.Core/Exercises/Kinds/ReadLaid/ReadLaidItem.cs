using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Kinds.ReadLaid;

/// <summary>An angle with the instrument laid on already; the student only reads.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Angle">The angle; on a half circle up to 180°.</param>
/// <param name="Names">Letters at its points.</param>
/// <param name="Placement">How the instrument lies.</param>
public sealed record ReadLaidItem(
    string Prompt,
    Protractor Instrument,
    Angle Angle,
    AngleNames Names,
    Placement Placement
) : InstrumentItem(Prompt, Instrument)
{
    /// <inheritdoc/>
    public override void Check(Faults faults)
    {
        base.Check(faults);
        faults.Within("angle", Angle);
        faults.Range(
            "angle.measure",
            Angle.Measure.Degrees,
            0.1,
            Instrument?.FullScale ?? 360,
            "degrees"
        );
        faults.Within("names", Names);
        faults.Within("placement", Placement);
        if (faults.None && LaidAngle.Of(Angle, Instrument!, Placement).CarefulReading is null)
        {
            faults.Add(
                "placement",
                "must let the instrument read the angle; laid like this it shows nothing."
            );
        }
    }
}

/// <summary>The reading that a student writes.</summary>
/// <param name="Reading">Degrees, 0 to 360, as written.</param>
/// <param name="KindSaid">The kind that was said beforehand, or null.</param>
/// <param name="Estimate">What was guessed before, in degrees, 0 to 360; null where no estimate was asked for.</param>
public sealed record ReadLaidResponse(
    double Reading,
    AngleKind? KindSaid = null,
    double? Estimate = null
) : Response
{
    /// <inheritdoc/>
    public override void Check(Faults faults)
    {
        faults.Range("reading", Reading, 0, 360, "degrees");
        SaidFirst.Check(faults, KindSaid, Estimate);
    }
}

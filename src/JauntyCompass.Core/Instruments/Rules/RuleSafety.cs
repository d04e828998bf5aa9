using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments.Rules;

/// <summary>How far a rule can be trusted on an instrument.</summary>
public enum Trust
{
    /// <summary>Whenever it names a scale, that scale reads right.</summary>
    Safe,

    /// <summary>Safe while the instrument lies upright with its printing up; upside down or turned over it misleads.</summary>
    SafeUpright,

    /// <summary>It misleads even on an upright instrument.</summary>
    Misleads,

    /// <summary>It never names a scale of this instrument.</summary>
    Silent,
}

/// <summary>What makes a rule mislead or fall silent on an instrument.</summary>
public enum TrustReason
{
    /// <summary>Nothing: it is safe.</summary>
    None,

    /// <summary>Upside down, right and left change places.</summary>
    UpsideDown,

    /// <summary>Turned over, the scales change places.</summary>
    TurnedOver,

    /// <summary>The instrument is numbered the other way round than the rule takes it to be.</summary>
    NumberedOtherWay,

    /// <summary>There is only one scale, so there is nothing to choose, and its number may belong to the other arm.</summary>
    OneScale,

    /// <summary>On a full circle a number and its partner add to 360, and zero lies at one end only.</summary>
    FullCircle,

    /// <summary>The instrument has no scales of the names that the rule goes by.</summary>
    NoSuchScales,
}

/// <summary>A placement at which a rule misleads.</summary>
/// <param name="Angle">The angle.</param>
/// <param name="Placement">How the instrument lies: centre mark on the vertex, zero line on an arm.</param>
/// <param name="LinedUp">The arm that lies on the zero line.</param>
/// <param name="Answer">What the rule answers, in degrees.</param>
public sealed record Misleading(Angle Angle, Placement Placement, WhichArm LinedUp, double Answer);

/// <summary>
/// Whether a rule can be trusted on an instrument, found by trying it in every way in which a well-laid instrument can lie:
/// either arm lined up, either end of the zero line, printing up or down, and the page at several turns.
/// </summary>
/// <param name="Rule">The rule.</param>
/// <param name="Trust">How far it can be trusted.</param>
/// <param name="AlwaysAnswers">Whether it names a scale at every way of laying it that can be read at all.</param>
/// <param name="Reason">What makes it mislead or fall silent.</param>
/// <param name="Example">A placement at which it misleads, or null.</param>
public sealed record RuleSafety(
    ScaleRule Rule,
    Trust Trust,
    bool AlwaysAnswers,
    TrustReason Reason,
    Misleading? Example
)
{
    private const double Wrong = 0.5;
    private static readonly double[] Measures = [23, 64, 88, 116, 157, 212, 305];
    private static readonly double[] Turns = [0, 40, 140, 180, 220, 320];

    /// <summary>Tries a rule on an instrument.</summary>
    public static RuleSafety Of(ScaleRule rule, Protractor protractor)
    {
        Misleading? upright = null;
        Misleading? otherwise = null;
        bool answers = false;
        bool always = true;
        foreach ((Angle angle, Placement placement, WhichArm linedUp) in WellLaid(protractor))
        {
            LaidAngle laid = LaidAngle.Of(angle, protractor, placement, linedUp);
            if (laid.CrossingOf(laid.Alignment.ReadArm) is not { OnGraduations: true })
            {
                continue;
            }
            if (ScaleRules.Follow(rule, laid).Reading is not double reading)
            {
                always = false;
                continue;
            }
            answers = true;
            if (Math.Abs(reading - laid.Angle.Measure.Degrees) > Wrong)
            {
                var found = new Misleading(angle, placement, linedUp, reading);
                if (IsUpright(placement))
                {
                    upright ??= found;
                }
                else
                {
                    otherwise ??= found;
                }
            }
        }
        Trust trust =
            upright is not null ? Trust.Misleads
            : otherwise is not null ? Trust.SafeUpright
            : answers ? Trust.Safe
            : Trust.Silent;
        Misleading? example = upright ?? otherwise;
        return new RuleSafety(rule, trust, always, ReasonOf(trust, protractor, example), example);
    }

    private static bool IsUpright(Placement placement) =>
        !placement.TurnedOver && placement.Turn.SinCos().Cos > 0;

    private static TrustReason ReasonOf(Trust trust, Protractor protractor, Misleading? example) =>
        trust switch
        {
            Trust.Safe => TrustReason.None,
            Trust.Silent => TrustReason.NoSuchScales,
            Trust.SafeUpright => example!.Placement.TurnedOver
                ? TrustReason.TurnedOver
                : TrustReason.UpsideDown,
            _ when protractor.Shape == ProtractorShape.FullCircle => TrustReason.FullCircle,
            _ when protractor.Scales.Count == 1 => TrustReason.OneScale,
            _ => TrustReason.NumberedOtherWay,
        };

    // Upright ways first, so that the example found is the plainest one.
    private static IEnumerable<(Angle, Placement, WhichArm)> WellLaid(Protractor protractor)
    {
        double most = protractor.Shape == ProtractorShape.HalfCircle ? 180 : 360;
        foreach (bool over in (bool[])[false, true])
        {
            foreach (double turn in Turns)
            {
                foreach (double measure in Measures.Where(m => m < most))
                {
                    foreach (TurnDirection opening in Enum.GetValues<TurnDirection>())
                    {
                        foreach (double zeroEnd in (double[])[0, 180])
                        {
                            var placement = new Placement(default, new Direction(turn), over);
                            var angle = new Angle(
                                default,
                                placement.DirectionOf(zeroEnd),
                                new Measure(measure),
                                opening,
                                StartLength: 100,
                                EndLength: 100
                            );
                            yield return (angle, placement, WhichArm.Start);
                            yield return (angle.FromOtherArm, placement, WhichArm.End);
                        }
                    }
                }
            }
        }
    }
}

using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments.Rules;

/// <summary>How a class chooses the scale. Common practice, no source.</summary>
public enum ScaleRule
{
    /// <summary>The scale whose zero lies on the lined-up arm and which grows towards the other arm.</summary>
    StartAtZero,

    /// <summary>Opens to the right: inner; to the left: outer. It opens to where the lined-up arm points.</summary>
    OpeningSide,

    /// <summary>Acute takes the smaller number, obtuse the larger.</summary>
    SizeFirst,

    /// <summary>From the lined-up arm to the other, clockwise or anticlockwise: the scale that grows that way.</summary>
    TurningDirection,
}

/// <summary>Why a rule names the scale it names, or none.</summary>
public enum RuleReason
{
    /// <summary>It names a scale.</summary>
    Named,

    /// <summary>No arm lies on the zero line, so the rule has nothing to start from.</summary>
    NotLinedUp,

    /// <summary>The instrument has no such scale.</summary>
    NoSuchScale,

    /// <summary>Too near a right angle for the eye to say whether it is acute or obtuse.</summary>
    TooNearRightAngle,

    /// <summary>The rule has no word for a reflex angle.</summary>
    Reflex,

    /// <summary>The other arm lies where there are no graduations.</summary>
    OffGraduations,
}

/// <summary>What following a rule comes to at a placement.</summary>
/// <param name="ScaleIndex">Index of the scale it names, or -1.</param>
/// <param name="Reading">What that scale reads on the other arm, in degrees; null where none is named.</param>
/// <param name="Reason">Why.</param>
public readonly record struct RuleAnswer(int ScaleIndex, double? Reading, RuleReason Reason)
{
    internal static RuleAnswer None(RuleReason reason) => new(-1, null, reason);
}

/// <summary>Follows a rule as someone would who trusts it, whether it leads right or wrong.</summary>
public static class ScaleRules
{
    /// <summary>
    /// Nearer to 90° than this, in degrees, the eye cannot say acute or obtuse. Common practice, no source.
    /// </summary>
    public const double NearRightAngle = 10;

    /// <summary>What the rule answers for a laid instrument.</summary>
    public static RuleAnswer Follow(ScaleRule rule, in LaidAngle laid)
    {
        if (!laid.Alignment.IsLinedUp)
        {
            return RuleAnswer.None(RuleReason.NotLinedUp);
        }
        return rule switch
        {
            ScaleRule.OpeningSide => OpeningSide(laid),
            ScaleRule.SizeFirst => SizeFirst(laid),
            ScaleRule.TurningDirection => TurningDirection(laid),
            _ => StartAtZero(laid),
        };
    }

    private static RuleAnswer StartAtZero(in LaidAngle laid) =>
        laid.Advice.Reason switch
        {
            AdviceReason.ZeroOnArmGrowsToOther => new RuleAnswer(
                laid.Advice.ScaleIndex,
                laid.Advice.Reading,
                RuleReason.Named
            ),
            AdviceReason.OtherArmOffGraduations => RuleAnswer.None(RuleReason.OffGraduations),
            _ => RuleAnswer.None(RuleReason.NoSuchScale),
        };

    private static RuleAnswer OpeningSide(in LaidAngle laid)
    {
        bool toTheRight = laid.Angle[laid.Alignment.LinedUpArm].Direction.SinCos().Cos > 0;
        return Named(laid, toTheRight ? laid.Protractor.InnerScale : laid.Protractor.OuterScale);
    }

    private static RuleAnswer SizeFirst(in LaidAngle laid)
    {
        double measure = laid.Angle.Measure.Degrees;
        if (measure > 180)
        {
            return RuleAnswer.None(RuleReason.Reflex);
        }
        if (Math.Abs(measure - 90) <= NearRightAngle)
        {
            return RuleAnswer.None(RuleReason.TooNearRightAngle);
        }
        int best = -1;
        double number = 0;
        for (int i = 0; i < laid.Protractor.Scales.Count; i++)
        {
            if (laid.Reading(i, laid.Alignment.ReadArm) is not double reading)
            {
                continue;
            }
            if (best < 0 || (measure < 90 ? reading < number : reading > number))
            {
                (best, number) = (i, reading);
            }
        }
        return Named(laid, best);
    }

    private static RuleAnswer TurningDirection(in LaidAngle laid)
    {
        TurnDirection towardsOther =
            laid.Alignment.LinedUpArm == WhichArm.Start
                ? laid.Angle.Opening
                : laid.Angle.Opening.Reversed();
        // Through the back of a clear instrument a scale is seen to grow the other way.
        TurnDirection asPrinted = laid.Placement.TurnedOver
            ? towardsOther.Reversed()
            : towardsOther;
        for (int i = 0; i < laid.Protractor.Scales.Count; i++)
        {
            if (laid.Protractor.Scales[i].Growth == asPrinted)
            {
                return Named(laid, i);
            }
        }
        return RuleAnswer.None(RuleReason.NoSuchScale);
    }

    private static RuleAnswer Named(in LaidAngle laid, int index)
    {
        if (index < 0)
        {
            return RuleAnswer.None(RuleReason.NoSuchScale);
        }
        return laid.Reading(index, laid.Alignment.ReadArm) is double reading
            ? new RuleAnswer(index, reading, RuleReason.Named)
            : RuleAnswer.None(RuleReason.OffGraduations);
    }
}

using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments;

/// <summary>Why the house rule <i>start at zero</i> names the scale it names, or none.</summary>
public enum AdviceReason
{
    /// <summary>This scale's zero lies on the lined-up arm, and its numbers grow towards the other arm.</summary>
    ZeroOnArmGrowsToOther,

    /// <summary>No scale has its zero at that end of the zero line: line up the other arm, or take the reading from 180.</summary>
    NoZeroOnThatArm,

    /// <summary>The other arm lies where there are no graduations: lay the instrument on the other side of the arm.</summary>
    OtherArmOffGraduations,

    /// <summary>Neither arm lies on the zero line: turn the instrument, or read both arms and subtract.</summary>
    NoArmOnZeroLine,
}

/// <summary>What the house rule <i>start at zero</i> says at a placement.</summary>
/// <param name="ScaleIndex">Index of the scale to use among the instrument's scales; -1 when the rule names none.</param>
/// <param name="Reason">Why.</param>
/// <param name="Reading">What that scale reads on the other arm, in degrees; null when the rule names none.</param>
public readonly record struct ScaleAdvice(int ScaleIndex, AdviceReason Reason, double? Reading)
{
    internal static ScaleAdvice StartAtZero(
        Angle angle,
        Protractor protractor,
        in Placement placement,
        in Alignment alignment,
        in Crossing? read
    )
    {
        if (!alignment.IsLinedUp)
        {
            return new ScaleAdvice(-1, AdviceReason.NoArmOnZeroLine, null);
        }
        if (read is not { OnGraduations: true } crossing)
        {
            return new ScaleAdvice(-1, AdviceReason.OtherArmOffGraduations, null);
        }
        int index = FromZero(angle, protractor, placement, alignment);
        if (index >= 0 && protractor.Scales[index].ReadingAt(crossing.Bearing) is double reading)
        {
            return new ScaleAdvice(index, AdviceReason.ZeroOnArmGrowsToOther, reading);
        }
        return new ScaleAdvice(-1, AdviceReason.NoZeroOnThatArm, null);
    }

    /// <summary>Index of the scale whose zero lies on the lined-up arm and that grows towards the other; -1 when none does.</summary>
    internal static int FromZero(
        Angle angle,
        Protractor protractor,
        in Placement placement,
        in Alignment alignment
    )
    {
        if (!alignment.IsLinedUp)
        {
            return -1;
        }
        double zeroBearing = alignment.ZeroLineEnd == ZeroLineEnd.Right ? 0 : 180;
        TurnDirection towardsOther =
            alignment.LinedUpArm == WhichArm.Start ? angle.Opening : angle.Opening.Reversed();
        TurnDirection asPrinted = placement.TurnedOver ? towardsOther.Reversed() : towardsOther;
        for (int i = 0; i < protractor.Scales.Count; i++)
        {
            Scale scale = protractor.Scales[i];
            if (scale.ZeroAt == zeroBearing && scale.Growth == asPrinted)
            {
                return i;
            }
        }
        return -1;
    }
}

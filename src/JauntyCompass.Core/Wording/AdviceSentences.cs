using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Wording;

/// <summary>Says why the house rule <i>start at zero</i> names the scale it names.</summary>
public static class AdviceSentences
{
    // Up to here the zero line passes for lying on its arm, in degrees. Common practice, no source.
    private const double OnTheArm = 2;

    /// <summary>One sentence for what is laid.</summary>
    public static Message Why(in LaidAngle laid)
    {
        WhichArm which = laid.Alignment.LinedUpArm;
        double off = Math.Abs(laid.Alignment.ZeroLineOff);
        if (laid.Advice.ScaleIndex >= 0)
        {
            Message numbers = InstrumentWords.CountedAlong(laid.Protractor, laid.Advice.ScaleIndex);
            return off > OnTheArm
                ? Text.Instrument.Advice.NearlyOnZero(off, which, numbers)
                : Text.Instrument.Advice.OnZero(numbers, which);
        }
        return laid.Advice.Reason switch
        {
            AdviceReason.NoZeroOnThatArm => Text.Instrument.Advice.NoZero(
                which,
                laid.Protractor.FullScale
            ),
            AdviceReason.OtherArmOffGraduations => Text.Instrument.Advice.OffTheMarks,
            _ => Text.Instrument.Advice.NotLinedUp,
        };
    }
}

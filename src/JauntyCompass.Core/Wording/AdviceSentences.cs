using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Wording;

/// <summary>Says why the house rule <i>start at zero</i> names the scale it names.</summary>
public static class AdviceSentences
{
    // Up to here the zero line passes for lying on its arm, in degrees. Common practice, no source.
    private const double OnTheArm = 2;

    /// <summary>One sentence for what is laid.</summary>
    public static string Why(in LaidAngle laid, Phrasing phrasing)
    {
        Words words = phrasing.Words;
        string arm = laid.Alignment.LinedUpArm == Angles.WhichArm.Start ? "start" : "end";
        string numbers =
            laid.Advice.ScaleIndex >= 0
                ? phrasing.Counted(laid.Protractor, laid.Advice.ScaleIndex)
                : "";
        return laid.Advice.Reason switch
        {
            AdviceReason.ZeroOnArmGrowsToOther
                when Math.Abs(laid.Alignment.ZeroLineOff) > OnTheArm =>
                $"The {words.ZeroLine} is {phrasing.Degrees(Math.Abs(laid.Alignment.ZeroLineOff))} off the {arm} {words.Arm}. "
                    + $"Once it covers it, {numbers} start there at zero.",
            AdviceReason.ZeroOnArmGrowsToOther =>
                $"The zero of {numbers} lies on the {arm} {words.Arm}, and they grow towards the other {words.Arm}.",
            AdviceReason.NoZeroOnThatArm =>
                $"No scale has its zero on the {arm} {words.Arm}: line up the other {words.Arm}, or take the reading from {phrasing.Degrees(laid.Protractor.FullScale)}.",
            AdviceReason.OtherArmOffGraduations =>
                $"The other {words.Arm} lies where there are no graduations: lay the instrument on the other side.",
            _ =>
                $"Neither {words.Arm} lies on the {words.ZeroLine}: turn the instrument, or read both {words.Arm}s and subtract.",
        };
    }
}

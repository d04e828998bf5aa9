using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Says how each rule chooses the scale, and where it cannot serve.</summary>
public static class RuleSentences
{
    /// <summary>Whether the rule names the scale that starts at the lined-up arm.</summary>
    internal static bool Serves(ScaleRule rule, StandardPlacement laying) =>
        ScaleRules.Follow(rule, laying.Laid).ScaleIndex == laying.Scale;

    /// <summary>How the rule chooses; where it cannot serve, how <i>start at zero</i> does.</summary>
    internal static string Choose(ScaleRule rule, StandardPlacement laying, Phrasing phrasing) =>
        Confirm(Serves(rule, laying) ? rule : ScaleRule.StartAtZero, laying, phrasing);

    /// <summary>How the rule chooses, where it serves.</summary>
    internal static string Confirm(ScaleRule rule, StandardPlacement laying, Phrasing phrasing)
    {
        string numbers = phrasing.Counted(laying.Protractor, laying.Scale);
        string start = laying.Names.StartRay;
        string end = laying.Names.EndRay;
        return rule switch
        {
            ScaleRule.OpeningSide =>
                $"{start} points to the {(laying.Angle.Start.SinCos().Cos > 0 ? "right" : "left")}, so we follow {numbers}.",
            ScaleRule.SizeFirst => laying.Angle.Measure.Degrees < 90
                ? $"It is acute, so of the two it is the smaller number: {numbers}."
                : $"It is obtuse, so of the two it is the larger number: {numbers}.",
            ScaleRule.TurningDirection =>
                $"From {start} to {end} it turns {phrasing.WayRound(laying.Angle.Opening)}, and {numbers} grow that way.",
            _ =>
                $"The zero that lies on {start} belongs to {numbers}, and they grow towards {end}.",
        };
    }

    /// <summary>What the teacher should know before the lesson does, or null when the rule serves here.</summary>
    internal static string? Warning(ScaleRule rule, StandardPlacement laying, Phrasing phrasing)
    {
        if (
            rule == ScaleRule.SizeFirst
            && Math.Abs(laying.Angle.Measure.Degrees - 90) <= ScaleRules.NearRightAngle
        )
        {
            return "So near a right angle the eye cannot say which number is right: we start at zero.";
        }
        RuleSafety safety = RuleSafety.Of(rule, laying.Protractor);
        return safety.Trust is Trust.Misleads or Trust.Silent || !Serves(rule, laying)
            ? $"{Name(rule)}: {Reason(safety, phrasing)} We start at zero."
            : null;
    }

    /// <summary>A rule by its name.</summary>
    public static string Name(ScaleRule rule) =>
        rule switch
        {
            ScaleRule.OpeningSide => "Opening side",
            ScaleRule.SizeFirst => "Size first",
            ScaleRule.TurningDirection => "Turning direction",
            _ => "Start at zero",
        };

    /// <summary>How far a rule can be trusted on an instrument, and why.</summary>
    public static string Reason(RuleSafety safety, Phrasing phrasing)
    {
        string example = safety.Example is Misleading wrong
            ? $" For example, {phrasing.Degrees(LaidMeasure(wrong))} would be read as {phrasing.Degrees(wrong.Answer)}."
            : "";
        return safety.Reason switch
        {
            TrustReason.NumberedOtherWay => "this instrument is numbered the other way round."
                + example,
            TrustReason.OneScale =>
                "there is only one scale, and its number may belong to the other "
                    + phrasing.Words.Arm
                    + "."
                    + example,
            TrustReason.FullCircle => "on this full circle the two ends of the "
                + phrasing.Words.ZeroLine
                + " are not alike."
                + example,
            TrustReason.UpsideDown =>
                "right while it lies upright; upside down, right and left change places." + example,
            TrustReason.TurnedOver =>
                "right while its printing is up; turned over, the scales change places." + example,
            TrustReason.NoSuchScales => "this instrument has no scales that the rule could name.",
            _ when safety.Rule == ScaleRule.SizeFirst && safety.Trust == Trust.Safe =>
                "right, but near a right angle the eye cannot say: start at zero there.",
            _ => safety.AlwaysAnswers
                ? "right however it lies."
                : "right whenever it names a scale; where it names none, line up the other "
                    + phrasing.Words.Arm
                    + ".",
        };
    }

    private static double LaidMeasure(Misleading wrong) => wrong.Angle.Measure.Degrees;
}

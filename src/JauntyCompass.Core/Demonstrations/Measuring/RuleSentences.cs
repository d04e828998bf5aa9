using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Says how each rule chooses the scale, and where it cannot serve.</summary>
public static class RuleSentences
{
    /// <summary>Whether the rule names the scale that starts at the lined-up arm.</summary>
    internal static bool Serves(ScaleRule rule, StandardPlacement laying) =>
        ScaleRules.Follow(rule, laying.Laid).ScaleIndex == laying.Scale;

    /// <summary>How the rule chooses; where it cannot serve, how <i>start at zero</i> does.</summary>
    internal static Message Choose(ScaleRule rule, StandardPlacement laying) =>
        Confirm(Serves(rule, laying) ? rule : ScaleRule.StartAtZero, laying);

    /// <summary>How the rule chooses, where it serves.</summary>
    internal static Message Confirm(ScaleRule rule, StandardPlacement laying)
    {
        Message numbers = InstrumentWords.CountedAlong(laying.Protractor, laying.Scale);
        string start = laying.Names.StartRay;
        string end = laying.Names.EndRay;
        return rule switch
        {
            ScaleRule.OpeningSide => Text.Demonstrations.Scale.OpeningSide(
                start,
                laying.Angle.Start.SinCos().Cos > 0 ? Side.Right : Side.Left,
                numbers
            ),
            ScaleRule.SizeFirst => laying.Angle.Measure.Degrees < 90
                ? Text.Demonstrations.Scale.Smaller(numbers)
                : Text.Demonstrations.Scale.Larger(numbers),
            ScaleRule.TurningDirection => Text.Demonstrations.Scale.Turning(
                start,
                end,
                InstrumentWords.WayRound(laying.Angle.Opening),
                numbers
            ),
            _ => Text.Demonstrations.Scale.StartAtZero(start, numbers, end),
        };
    }

    /// <summary>What the teacher should know before the lesson does, or null when the rule serves here.</summary>
    internal static Message? Warning(ScaleRule rule, StandardPlacement laying)
    {
        if (
            rule == ScaleRule.SizeFirst
            && Math.Abs(laying.Angle.Measure.Degrees - 90) <= ScaleRules.NearRightAngle
        )
        {
            return Text.Demonstrations.Scale.NearRightAngle;
        }
        RuleSafety safety = RuleSafety.Of(rule, laying.Protractor);
        return safety.Trust is Trust.Misleads or Trust.Silent || !Serves(rule, laying)
            ? Text.Demonstrations.Scale.RuleFails(Name(rule), Reason(safety))
            : null;
    }

    /// <summary>A rule by its name.</summary>
    public static Message Name(ScaleRule rule) =>
        rule switch
        {
            ScaleRule.OpeningSide => Text.Demonstrations.Rules.OpeningSide,
            ScaleRule.SizeFirst => Text.Demonstrations.Rules.SizeFirst,
            ScaleRule.TurningDirection => Text.Demonstrations.Rules.TurningDirection,
            _ => Text.Demonstrations.Rules.StartAtZero,
        };

    /// <summary>How far a rule can be trusted on an instrument, and why.</summary>
    public static Message Reason(RuleSafety safety)
    {
        Message reason = safety.Reason switch
        {
            TrustReason.NumberedOtherWay => Text.Demonstrations.Rules.NumberedOtherWay,
            TrustReason.OneScale => Text.Demonstrations.Rules.OneScale,
            TrustReason.FullCircle => Text.Demonstrations.Rules.FullCircle,
            TrustReason.UpsideDown => Text.Demonstrations.Rules.UpsideDown,
            TrustReason.TurnedOver => Text.Demonstrations.Rules.TurnedOver,
            TrustReason.NoSuchScales => Text.Demonstrations.Rules.NoSuchScales,
            _ when safety.Rule == ScaleRule.SizeFirst && safety.Trust == Trust.Safe =>
                Text.Demonstrations.Rules.RightButNear90,
            _ => safety.AlwaysAnswers
                ? Text.Demonstrations.Rules.AlwaysRight
                : Text.Demonstrations.Rules.RightWhenItNames,
        };
        return safety.Example is Misleading wrong
            ? Text.Demonstrations.Rules.Example(reason, wrong.Angle.Measure.Degrees, wrong.Answer)
            : reason;
    }
}

using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>A count as a teacher says it aloud.</summary>
internal static class Counting
{
    // Nearer to a graduation than this, in degrees, an arm lies on it; nearer to the middle, between two.
    private const double OnGraduation = 0.05;
    private const double ClearlyNearer = 0.45;

    /// <summary>The count along the scale in use to the other arm: <c>ten, twenty … sixty, and four more.</c></summary>
    internal static Message Said(StandardPlacement laying) =>
        laying.Protractor.SmallestGraduation switch
        {
            > 10 => Creases(laying),
            > 1 => Coarse(laying),
            _ => Said(laying.Reading),
        };

    /// <summary>The count to a reading on a scale with a graduation for every degree.</summary>
    internal static Message Said(double reading)
    {
        int nearest = (int)Math.Round(reading, MidpointRounding.AwayFromZero);
        Message counted = Text.Demonstrations.Count.AndOnes(
            Text.Demonstrations.Count.Tens(nearest / 10 * 10),
            nearest % 10
        );
        double past = reading - nearest;
        return Math.Abs(past) switch
        {
            < OnGraduation => counted,
            >= ClearlyNearer => Text.Demonstrations.Count.BetweenMarks(counted),
            _ when past > 0 => Text.Demonstrations.Count.JustPast(counted),
            _ => Text.Demonstrations.Count.JustBefore(counted),
        };
    }

    private static Message Coarse(StandardPlacement laying)
    {
        double step = laying.Protractor.SmallestGraduation;
        return laying.Rounded % step == 0
            ? Said(laying.Reading)
            : Text.Demonstrations.Count.Coarse(Said(laying.Reading), step);
    }

    private static Message Creases(StandardPlacement laying)
    {
        double part = laying.Protractor.SmallestGraduation;
        int whole = (int)((laying.Reading + OnGraduation) / part);
        return whole == 0
            ? Text.Demonstrations.Count.LessThanOnePart(part, laying.Rounded)
            : Text.Demonstrations.Count.Parts(whole, part, whole * part, laying.Rounded);
    }
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Instruments;

/// <summary>Whether the rings of numbers of one instrument can stand on its body together.</summary>
internal static class ScaleFit
{
    // Numbers nearer to each other than this share of the edge radius would be printed over each other.
    private const double ClosestRings = 0.05;

    // Nearer to the centre mark than this, in mm, there is no room for numbers.
    private const double ClosestToCentre = 3;

    internal static void Validate(Protractor protractor, int index, ValidationErrors errors)
    {
        Scale scale = protractor.Scales[index];
        string field = $"scales[{index}]";
        if (scale.Radius > protractor.EdgeRadius || scale.Radius < ClosestToCentre)
        {
            errors.Add(
                $"{field}.radius",
                Text.Validation.Protractor.RingRadius(ClosestToCentre, protractor.EdgeRadius)
            );
        }
        if (scale.ZeroAt is not (0 or 180))
        {
            errors.Add($"{field}.zeroAt", Text.Validation.Protractor.ZeroAt);
        }
        if (protractor.Shape == ProtractorShape.HalfCircle)
        {
            CheckOnHalfCircle(scale, field, errors);
        }
        for (int j = 0; j < index; j++)
        {
            CheckAgainst(protractor, scale, protractor.Scales[j], field, errors);
        }
    }

    private static void CheckOnHalfCircle(Scale scale, string field, ValidationErrors errors)
    {
        if (scale.Extent > 180)
        {
            errors.Add($"{field}.extent", Text.Validation.Protractor.Extent);
        }
        bool intoBody = scale.ZeroAt switch
        {
            0 => scale.Growth == TurnDirection.Anticlockwise,
            180 => scale.Growth == TurnDirection.Clockwise,
            _ => true,
        };
        if (!intoBody)
        {
            errors.Add($"{field}.growth", Text.Validation.Protractor.Growth);
        }
    }

    private static void CheckAgainst(
        Protractor protractor,
        Scale scale,
        Scale other,
        string field,
        ValidationErrors errors
    )
    {
        if (other.Id == scale.Id)
        {
            errors.Add($"{field}.id", Text.Validation.Protractor.SameName);
        }
        if (other.ZeroAt == scale.ZeroAt && other.Growth == scale.Growth)
        {
            errors.Add($"{field}.zeroAt", Text.Validation.Protractor.SameScale(other.Id));
        }
        if (
            protractor.LabelEvery > 0
            && Math.Abs(other.Radius - scale.Radius) < ClosestRings * protractor.EdgeRadius
        )
        {
            errors.Add(
                $"{field}.radius",
                Text.Validation.Protractor.RingsTooClose(
                    ClosestRings * protractor.EdgeRadius,
                    other.Id
                )
            );
        }
    }
}

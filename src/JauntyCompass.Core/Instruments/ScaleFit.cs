using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;

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
                $"must be from {ClosestToCentre} mm to edgeRadius: the numbers would stand off the body."
            );
        }
        if (scale.ZeroAt is not (0 or 180))
        {
            errors.Add(
                $"{field}.zeroAt",
                "must be 0 (right) or 180 (left): elsewhere its zero would contradict the zero line."
            );
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
            errors.Add($"{field}.extent", "must be at most 180 degrees on a half circle.");
        }
        bool intoBody = scale.ZeroAt switch
        {
            0 => scale.Growth == TurnDirection.Anticlockwise,
            180 => scale.Growth == TurnDirection.Clockwise,
            _ => true,
        };
        if (!intoBody)
        {
            errors.Add(
                $"{field}.growth",
                "must be anticlockwise from a zero at the right, clockwise from a zero at the left: otherwise the scale leaves the body."
            );
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
            errors.Add($"{field}.id", "must differ from the other scales' names.");
        }
        if (other.ZeroAt == scale.ZeroAt && other.Growth == scale.Growth)
        {
            errors.Add(
                $"{field}.zeroAt",
                $"must not repeat the scale '{other.Id}': two rings with the same zero that grow the same way say the same or contradict each other."
            );
        }
        if (
            protractor.LabelEvery > 0
            && Math.Abs(other.Radius - scale.Radius) < ClosestRings * protractor.EdgeRadius
        )
        {
            errors.Add(
                $"{field}.radius",
                $"must be at least {Math.Round(ClosestRings * protractor.EdgeRadius, 1)} mm from the scale '{other.Id}': their numbers would overlap."
            );
        }
    }
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Sheet;

/// <summary>An arc of the compass, as the pencil point went.</summary>
/// <param name="Points">Raw points in the order of drawing, in mm; 1 to 2000.</param>
/// <param name="Needle">Where the needle stood.</param>
public sealed record CompassStroke(IReadOnlyList<Point> Points, Point Needle) : IValidatable
{
    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Each("points", Points, 1, 2000);
        errors.Within("needle", Needle);
    }
}

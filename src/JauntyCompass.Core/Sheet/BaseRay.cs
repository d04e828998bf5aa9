using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Sheet;

/// <summary>A ray given on the sheet.</summary>
/// <param name="Vertex">Its endpoint, the vertex of the angle to be drawn.</param>
/// <param name="Direction">Which way it points, in degrees anticlockwise from the x-axis.</param>
/// <param name="Length">How far it is drawn, mm, 1 to 1000.</param>
public sealed record BaseRay(Point Vertex, Direction Direction, double Length) : IValidatable
{
    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Within("vertex", Vertex);
        errors.Range("length", Length, Angle.ShortestArm, Angle.LongestArm, Unit.Millimetres);
    }
}

/// <summary>One stroke of the pencil.</summary>
/// <param name="Points">Raw points in the order of drawing, in mm; 1 to 2000.</param>
public sealed record Stroke(IReadOnlyList<Point> Points) : IValidatable
{
    /// <inheritdoc/>
    public void Validate(ValidationErrors errors) => errors.Each("points", Points, 1, 2000);
}

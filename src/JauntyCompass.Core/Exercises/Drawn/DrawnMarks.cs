using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Strokes;

namespace JauntyCompass.Core.Exercises.Drawn;

/// <summary>Reads what a response carries of a drawing.</summary>
internal static class DrawnMarks
{
    /// <summary>Tells lines, dots and arc apart.</summary>
    internal static PencilMarks Of(
        IReadOnlyList<Stroke> strokes,
        IReadOnlyList<Point> dots,
        Point? arc
    ) => PencilMarks.Of([.. strokes.Select(s => s.Points)], dots, arc);
}

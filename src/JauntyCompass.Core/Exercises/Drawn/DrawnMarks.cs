using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Exercises.Drawn;

/// <summary>Reads what a response carries of a drawing.</summary>
internal static class DrawnMarks
{
    private const int MostMarks = 50;
    private const int MostRests = 20;

    /// <summary>Requires what a response carries of a drawing to be on the sheet, and no more of it than a hand makes.</summary>
    internal static void Validate(
        ValidationErrors errors,
        IReadOnlyList<Stroke> strokes,
        IReadOnlyList<Point> dots,
        Point? arc,
        Placement? placement,
        IReadOnlyList<Placement>? rested = null
    )
    {
        errors.Each("strokes", strokes, 0, MostMarks);
        errors.Each("dots", dots, 0, MostMarks);
        errors.Within("arc", arc);
        errors.Within("placement", placement);
        errors.Each("rested", rested ?? [], 0, MostRests);
    }

    /// <summary>Tells lines, dots and arc apart.</summary>
    internal static PencilMarks Of(
        IReadOnlyList<Stroke> strokes,
        IReadOnlyList<Point> dots,
        Point? arc
    ) => PencilMarks.Of([.. strokes.Select(s => s.Points)], dots, arc);
}

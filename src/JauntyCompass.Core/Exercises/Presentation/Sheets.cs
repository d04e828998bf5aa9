using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Presentation;

/// <summary>Sheets that several kinds share.</summary>
public static class Sheets
{
    /// <summary>A sheet with one angle, marked by its arc or its box.</summary>
    public static SheetState With(Angle angle, AngleNames? names) =>
        With(angle, names, OpeningMarks.Of(angle));

    /// <summary>A sheet with one angle, marked as told.</summary>
    public static SheetState With(Angle angle, AngleNames? names, OpeningMark mark) =>
        new() { Figures = [new Figure("angle", angle) { Names = names, Mark = mark }] };
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Wording;

/// <summary>A point that has a name.</summary>
/// <param name="Name">Its name, at most 80 characters.</param>
/// <param name="At">Where it is.</param>
public sealed record NamedPoint(string Name, Point At) : IValidatable
{
    private const int LongestName = 80;

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Text("name", Name, 1, LongestName);
        errors.Within("at", At);
    }
}

/// <summary>What stands on a ruler beside the points of a sheet, for those who listen: what an eye would read, and not what it means.</summary>
public static class RulerSentences
{
    // Farther from its edge than this nobody reads a point on it, in mm.
    private const double Beside = 2;

    /// <summary>What stands at each point that lies along the edge, the zero first.</summary>
    /// <param name="ruler">The ruler.</param>
    /// <param name="placement">Where its zero lies, and which way it counts.</param>
    /// <param name="points">The points.</param>
    public static IReadOnlyList<Message> At(
        Ruler ruler,
        Placement placement,
        IReadOnlyList<NamedPoint> points
    ) =>
        [
            .. points
                .Where(p => Math.Abs(placement.HeightAboveZeroLine(p.At)) <= Beside)
                .Select(p => (p.Name, Reading: Ruler.ReadingAt(placement, p.At)))
                .Where(p => p.Reading >= -ruler.Inset - Beside && p.Reading <= ruler.Length)
                .OrderBy(p => p.Reading)
                .Select(p =>
                    p.Reading < -0.25
                        ? Text.Heard.BeforeZero(p.Name, Math.Round(-p.Reading, 1))
                        : Text.Heard.OnRuler(p.Name, Math.Round(Math.Max(0, p.Reading), 1))
                ),
        ];
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Wording;

/// <summary>What may be written at an angle.</summary>
public enum AngleLabel
{
    /// <summary>Its three-letter name.</summary>
    Name,

    /// <summary>Its kind.</summary>
    Kind,

    /// <summary>Its measure.</summary>
    Measure,

    /// <summary>The vertex, in words.</summary>
    Vertex,

    /// <summary>Both arms, in words and by name.</summary>
    Arms,
}

/// <summary>Something written at an angle.</summary>
/// <param name="Text">A few words.</param>
/// <param name="At">Where the middle of the text stands, in mm.</param>
public sealed record PlacedLabel(Message Text, Point At);

/// <summary>Writes beside an angle what it is and what its parts are called, as a drawing is labelled fully.</summary>
public static class AngleLabels
{
    // In mm: how far into the opening name, kind and measure stand, one line below the other; how far behind the vertex its word
    // stands, and how far beside an arm, at which share of it, its name.
    private const double Inside = 36;
    private const double LineHeight = 8;
    private const double BehindVertex = 22;
    private const double BesideArm = 2.5;
    private const double AlongArm = 0.6;

    // Half of the place that a name of an arm takes, so that it stands clear of the arm however that lies.
    private const double HalfWidth = 16;
    private const double HalfHeight = 3.5;

    /// <summary>The labels that are wanted, each once, in the order in which they are written.</summary>
    /// <param name="angle">The angle.</param>
    /// <param name="names">Letters at its points.</param>
    /// <param name="wanted">What is wanted.</param>
    public static IReadOnlyList<PlacedLabel> Of(
        Angle angle,
        AngleNames names,
        IReadOnlyCollection<AngleLabel> wanted
    )
    {
        int sign = angle.Opening.Sign();
        Message[] lines =
        [
            .. new[] { AngleLabel.Name, AngleLabel.Kind, AngleLabel.Measure }
                .Where(wanted.Contains)
                .Select(label =>
                    label switch
                    {
                        AngleLabel.Name => Text.Units.AsWritten(names.Full),
                        AngleLabel.Kind => Text.Angles.Adjective(angle.Measure.Kind),
                        _ => Text.Units.Degrees(angle.Measure.Degrees),
                    }
                ),
        ];
        Point centre = angle.Vertex.Towards(angle.Bisector, Inside);
        var labels = lines
            .Select(
                (line, i) =>
                    new PlacedLabel(
                        line,
                        centre with
                        {
                            Y = centre.Y + (((lines.Length - 1) / 2.0) - i) * LineHeight,
                        }
                    )
            )
            .ToList();
        if (wanted.Contains(AngleLabel.Vertex))
        {
            labels.Add(
                new PlacedLabel(
                    Text.Angles.VertexLabel,
                    angle.Vertex.Towards(angle.Bisector.Opposite, BehindVertex)
                )
            );
        }
        if (wanted.Contains(AngleLabel.Arms))
        {
            labels.Add(Beside(angle, angle.Start, angle.StartLength, -90 * sign, names.StartRay));
            labels.Add(Beside(angle, angle.End, angle.EndLength, 90 * sign, names.EndRay));
        }
        return labels;
    }

    private static PlacedLabel Beside(
        Angle angle,
        Direction arm,
        double length,
        double outward,
        string ray
    )
    {
        Direction away = arm.Turned(outward);
        Point unit = default(Point).Towards(away, 1);
        double clear = Math.Abs(unit.X) * HalfWidth + Math.Abs(unit.Y) * HalfHeight + BesideArm;
        return new(
            Text.Angles.ArmLabel(ray),
            angle.Vertex.Towards(arm, length * AlongArm).Towards(away, clear)
        );
    }
}

using System.Text.Json.Serialization;
using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments;

/// <summary>One bead of a counting thread.</summary>
/// <param name="At">Where it lies on the sheet.</param>
/// <param name="Reading">The number counted there, in degrees.</param>
/// <param name="Rank">Whether a ten, a five or a single degree is counted.</param>
[method: JsonConstructor]
public readonly record struct ThreadStop(Point At, double Reading, GraduationRank Rank);

/// <summary>
/// The way a careful reader counts along a scale: from its zero in tens, then a five, then ones, to a reading.
/// </summary>
/// <param name="ScaleId">The scale that is counted along.</param>
/// <param name="Centre">Centre of the arc it follows: the centre mark.</param>
/// <param name="Radius">Radius of that arc, in mm.</param>
/// <param name="From">Direction from the centre to where the count begins.</param>
/// <param name="Sweep">How far it runs, in degrees, anticlockwise on the sheet positive.</param>
/// <param name="Stops">The beads, in the order of counting.</param>
public sealed record CountingThread(
    string ScaleId,
    Point Centre,
    double Radius,
    Direction From,
    double Sweep,
    IReadOnlyList<ThreadStop> Stops
)
{
    // Beside the printed numbers, so that the beads do not cover them: outside them, or inside where the graduations would be
    // covered. Shares of the scale's radius and of the edge radius.
    private const double Outside = 1.1;
    private const double Inside = 0.915;
    private const double Graduations = 0.9;

    /// <summary>The thread as it is drawn: places to a hundredth of a millimetre, directions to a thousandth of a degree.</summary>
    internal CountingThread Rounded() =>
        this with
        {
            Centre = Centre.Rounded(),
            Radius = Math.Round(Radius, 2),
            From = new Direction(Math.Round(From.Degrees, 3)),
            Sweep = Math.Round(Sweep, 3),
            Stops =
            [
                .. Stops.Select(s =>
                    s with
                    {
                        At = s.At.Rounded(),
                        Reading = Math.Round(s.Reading, 2),
                    }
                ),
            ],
        };

    /// <summary>Runs a thread along a scale of a laid instrument, from its zero to a reading.</summary>
    /// <param name="protractor">The instrument.</param>
    /// <param name="placement">Where it lies.</param>
    /// <param name="scaleIndex">The scale to count along.</param>
    /// <param name="reading">Where to stop, in degrees on that scale.</param>
    public static CountingThread Along(
        Protractor protractor,
        in Placement placement,
        int scaleIndex,
        double reading
    ) => Between(protractor, placement, scaleIndex, 0, reading);

    /// <summary>
    /// Runs a thread along a scale of a laid instrument from a label to a reading: on from it in tens, a five and ones, or back from it in ones.
    /// </summary>
    /// <param name="protractor">The instrument.</param>
    /// <param name="placement">Where it lies.</param>
    /// <param name="scaleIndex">The scale to count along.</param>
    /// <param name="label">Where to begin, in degrees on that scale: a multiple of ten, or of five to count back from.</param>
    /// <param name="reading">Where to stop, in degrees on that scale.</param>
    public static CountingThread Between(
        Protractor protractor,
        in Placement placement,
        int scaleIndex,
        double label,
        double reading
    )
    {
        Scale scale = protractor.Scales[scaleIndex];
        bool covers = scale.Radius * Outside > protractor.EdgeRadius * Graduations;
        double radius = scale.Radius * (covers ? Inside : Outside);
        int sense = scale.Growth.Sign() * (placement.TurnedOver ? -1 : 1);
        var stops = new List<ThreadStop>();
        foreach (
            (double number, GraduationRank rank) in reading < label
                ? CountedBack(label, reading)
                : Counted(label, reading, protractor.SmallestGraduation)
        )
        {
            stops.Add(
                new ThreadStop(placement.PointAt(scale.BearingOf(number), radius), number, rank)
            );
        }
        return new CountingThread(
            scale.Id,
            placement.Centre,
            radius,
            placement.DirectionOf(scale.BearingOf(label)),
            sense * (reading - label),
            stops
        );
    }

    private static IEnumerable<(double Number, GraduationRank Rank)> CountedBack(
        double label,
        double reading
    )
    {
        yield return (label, label % 10 == 0 ? GraduationRank.Ten : GraduationRank.Five);
        for (double number = label - 1; number >= reading - 0.05; number--)
        {
            yield return (number, GraduationRank.One);
        }
    }

    private static IEnumerable<(double Number, GraduationRank Rank)> Counted(
        double label,
        double reading,
        double smallest
    )
    {
        // A reading a hair below a graduation has arrived there as far as any eye can tell.
        double last = reading + 0.05;
        // Creases are wider apart than ten: they are counted themselves.
        double tens = Math.Max(10, smallest);
        double number = label;
        for (; number <= last; number += tens)
        {
            yield return (number, GraduationRank.Ten);
        }
        number -= tens;
        if (smallest <= 5 && number + 5 <= last)
        {
            number += 5;
            yield return (number, GraduationRank.Five);
        }
        double ones = Math.Max(1, smallest);
        for (number += ones; ones < 5 && number <= last; number += ones)
        {
            yield return (number, GraduationRank.One);
        }
    }
}

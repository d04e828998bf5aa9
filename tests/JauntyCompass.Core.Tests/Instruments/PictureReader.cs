using System.Globalization;
using System.Xml.Linq;
using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Tests.Instruments;

/// <summary>
/// Reads a protractor as a person does who sees nothing but its picture: finds the graduations and the numbers printed beside them,
/// goes to the label before the arm and counts the spaces from there. Knows nothing of scales, placements or bearings.
/// </summary>
internal sealed class PictureReader
{
    // A number is printed at its graduation, to within what the picture is drawn to; in degrees.
    private const double SameGraduation = 0.05;

    private readonly double _rim;
    private readonly double[] _graduations;
    private readonly List<(double At, int Number, double Out)> _labels = [];

    /// <param name="svg">The sheet, with one instrument on it.</param>
    internal PictureReader(string svg)
    {
        XElement instrument = XDocument
            .Parse(svg)
            .Descendants()
            .Single(e => e.Attribute("id")?.Value == "instruments")
            .Elements()
            .Single();
        // The zero line runs from rim to rim: its middle is the centre mark.
        XElement zeroLine = Lines(instrument, "0.3").Single();
        Centre = new Point(
            (Number(zeroLine, "x1") + Number(zeroLine, "x2")) / 2,
            -(Number(zeroLine, "y1") + Number(zeroLine, "y2")) / 2
        );
        Point[] ends =
        [
            .. Lines(instrument, "0.2").Select(l => new Point(Number(l, "x1"), -Number(l, "y1"))),
        ];
        _rim = ends.Average(Centre.DistanceTo);
        _graduations = [.. ends.Select(Seen)];
        foreach (XElement text in instrument.Elements().Where(e => e.Name.LocalName == "text"))
        {
            // Letters stand on their line; the middle of a number is a little above it.
            var at = new Point(
                Number(text, "x"),
                -(Number(text, "y") - 0.35 * Number(text, "font-size"))
            );
            _labels.Add(
                (
                    Seen(at),
                    int.Parse(text.Value, CultureInfo.InvariantCulture),
                    Centre.DistanceTo(at)
                )
            );
        }
    }

    /// <summary>The centre mark.</summary>
    internal Point Centre { get; }

    /// <summary>How far out the rings of numbers stand, from the inside.</summary>
    internal double[] Rings => [.. _labels.Select(l => Math.Round(l.Out)).Distinct().Order()];

    /// <summary>What a ring of numbers says where a line crosses the rim; null where it does not, or where nothing is printed.</summary>
    internal double? Read(Point from, Direction along, double ring)
    {
        if (Crossing(from, along) is not Point crossing)
        {
            return null;
        }
        double at = Seen(crossing);
        var own = _labels.Where(l => Math.Abs(l.Out - ring) < 1).ToList();
        (double At, int Number, double Out) before = own.MinBy(l => From(l.At, at));
        (double At, int Number, double Out) after = own.MinBy(l => From(at, l.At));
        double gap = From(before.At, after.At);
        if (gap > 90)
        {
            // The open side of a half circle.
            return null;
        }
        if (gap < SameGraduation)
        {
            return before.Number;
        }
        double[] between =
        [
            .. _graduations
                .Select(g => From(before.At, g))
                .Where(g => g > SameGraduation && g < gap - SameGraduation)
                .Append(0)
                .Append(gap)
                .Distinct()
                .Order(),
        ];
        double steps = after.Number - before.Number;
        // Round a full circle the last label is followed by zero.
        steps = Math.Abs(steps) > 180 ? steps - Math.Sign(steps) * 360 : steps;
        double past = From(before.At, at);
        int whole = between.Count(g => g <= past) - 1;
        double rest =
            whole >= between.Length - 1
                ? 0
                : (past - between[whole]) / (between[whole + 1] - between[whole]);
        double read = before.Number + (whole + rest) * steps / (between.Length - 1);
        return (read + 360) % 360;
    }

    private Point? Crossing(Point from, Direction along)
    {
        // Step by step along the line until it leaves the rim; then as finely as need be.
        double inside = 0;
        double outside = 4 * _rim;
        if (Centre.DistanceTo(from) >= _rim)
        {
            return null;
        }
        for (int i = 0; i < 80; i++)
        {
            double middle = (inside + outside) / 2;
            bool isInside = Centre.DistanceTo(from.Towards(along, middle)) < _rim;
            (inside, outside) = isInside ? (middle, outside) : (inside, middle);
        }
        return from.Towards(along, inside);
    }

    private double Seen(Point point) => Direction.Between(Centre, point).Degrees;

    // How far round from one to another, anticlockwise; what is the same to within rounding is no way at all.
    private static double From(double one, double other)
    {
        double round = (other - one + 720) % 360;
        return round > 360 - SameGraduation / 2 ? 0 : round;
    }

    private static IEnumerable<XElement> Lines(XElement parent, string width) =>
        parent
            .Elements()
            .Where(e => e.Name.LocalName == "line" && e.Attribute("stroke-width")!.Value == width);

    private static double Number(XElement element, string name) =>
        double.Parse(element.Attribute(name)!.Value, CultureInfo.InvariantCulture);
}

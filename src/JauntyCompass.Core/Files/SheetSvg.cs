using System.Globalization;
using System.Security;
using System.Text;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Files;

/// <summary>
/// An item's sheet as SVG, true to size: one unit is a millimetre, groups are named as those of the sheet that the Board takes away.
/// Plain shapes and no style sheet, so that any program can use it.
/// </summary>
public static class SheetSvg
{
    private const string InkColour = "#0f2340";
    private const string BrassColour = "#8a6a1f";

    // Half the short stroke through an arc that is equal to another, in mm.
    private const double EqualStroke = 2;
    private const double ArcRadius = 14;
    private const double Box = 6;
    private const double NameSize = 6.5;

    /// <summary>Draws the sheet of an item.</summary>
    /// <param name="view">The item as it lies before the student.</param>
    /// <param name="phrasing">How it is said.</param>
    public static string Of(ItemView view, Phrasing phrasing)
    {
        var svg = new StringBuilder();
        (double width, double height) = (view.Window.Width, view.Window.Height);
        svg.Append(
            Invariant(
                $"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{width}mm\" height=\"{height}mm\" viewBox=\"{view.Window.Left} {-view.Window.Bottom - height} {width} {height}\" font-family=\"IBM Plex Serif, serif\">"
            )
        );
        svg.Append("<title>")
            .Append(SecurityElement.Escape(phrasing.Say(view.Prompt)))
            .Append("</title>");
        Group(svg, "lines", () => Lines(svg, view));
        Group(svg, "compass-arcs", () => CompassArcs(svg, view.Sheet.CompassArcs));
        Group(svg, "angles", () => Angles(svg, view, phrasing));
        Group(svg, "dots", () => Dots(svg, view));
        Group(svg, "instruments", () => Instruments(svg, view));
        Group(svg, "notes", () => Notes(svg, view, phrasing));
        return svg.Append("</svg>").ToString();
    }

    private static void Group(StringBuilder svg, string id, Action draw)
    {
        svg.Append("<g id=\"").Append(id).Append("\">");
        draw();
        svg.Append("</g>");
    }

    private static void Lines(StringBuilder svg, ItemView view)
    {
        foreach (DrawnLine line in view.Sheet.Lines)
        {
            Line(svg, line.From, line.To, line.Blunt ? 2 : 0.75);
        }
        if (view.Drawing?.BaseRay is { } ray)
        {
            Arm(svg, new Arm(ray.Vertex, ray.Direction, ray.Length));
            OpeningArrow(svg, ray, view.Drawing.Opening);
            Text(
                svg,
                ray.Vertex.Towards(ray.Direction.Turned(-90 * view.Drawing.Opening.Sign()), 7),
                view.Drawing.Names.Vertex,
                NameSize
            );
            Text(
                svg,
                ray.Vertex.Towards(ray.Direction, ray.Length + 5),
                view.Drawing.Names.Start,
                NameSize
            );
        }
    }

    // The small arrow that the task speaks of: which way round the angle is to open.
    private static void OpeningArrow(StringBuilder svg, BaseRay ray, TurnDirection opening)
    {
        const double Radius = 24;
        const double Turn = 30;
        const double Head = 3.5;
        int side = opening.Sign();
        Direction end = ray.Direction.Turned(side * Turn);
        Point from = ray.Vertex.Towards(ray.Direction.Turned(side * 4), Radius);
        Point to = ray.Vertex.Towards(end, Radius);
        int sweep = opening == TurnDirection.Clockwise ? 1 : 0;
        svg.Append(
            Invariant(
                $"<path id=\"opening\" d=\"M{from.X:0.###} {-from.Y:0.###}A{Radius} {Radius} 0 0 {sweep} {to.X:0.###} {-to.Y:0.###}\" fill=\"none\" stroke=\"{InkColour}\" stroke-width=\"0.5\"/>"
            )
        );
        Direction back = end.Turned(side * -90);
        Line(svg, to, to.Towards(back.Turned(28), Head), 0.5);
        Line(svg, to, to.Towards(back.Turned(-28), Head), 0.5);
    }

    private static void CompassArcs(StringBuilder svg, IReadOnlyList<CompassArc> arcs)
    {
        foreach (CompassArc arc in arcs)
        {
            Point from = arc.Centre.Towards(arc.From, arc.Radius);
            Point to = arc.Centre.Towards(arc.From.Turned(arc.Sweep), arc.Radius);
            int large = Math.Abs(arc.Sweep) > 180 ? 1 : 0;
            int sweep = arc.Sweep > 0 ? 0 : 1;
            svg.Append(
                Invariant(
                    $"<path d=\"M{from.X:0.###} {-from.Y:0.###}A{arc.Radius:0.###} {arc.Radius:0.###} 0 {large} {sweep} {to.X:0.###} {-to.Y:0.###}\" fill=\"none\" stroke=\"{InkColour}\" stroke-width=\"{(arc.Blunt ? 2 : 0.75)}\"/>"
                )
            );
        }
    }

    private static void Angles(StringBuilder svg, ItemView view, Phrasing phrasing)
    {
        foreach (Figure figure in view.Sheet.Figures)
        {
            Angle angle = figure.Angle;
            if (figure.HasArms)
            {
                Arm(svg, angle.StartArm);
            }
            if (figure.HasArms && figure.HasEnd)
            {
                Arm(svg, angle.EndArm);
            }
            Mark(svg, figure);
            if (figure.Names is { } names)
            {
                Text(svg, angle.Vertex.Towards(angle.Bisector.Opposite, 7), names.Vertex, NameSize);
                Text(
                    svg,
                    angle.Vertex.Towards(angle.Start, angle.StartLength + 5),
                    names.Start,
                    NameSize
                );
                if (figure.HasEnd)
                {
                    Text(
                        svg,
                        angle.Vertex.Towards(angle.End, angle.EndLength + 5),
                        names.End,
                        NameSize
                    );
                }
            }
            if (figure.Written is { } written)
            {
                Text(
                    svg,
                    angle.Vertex.Towards(angle.Bisector, ArcRadius + 9),
                    phrasing.Say(written),
                    NameSize
                );
            }
        }
    }

    private static void Mark(StringBuilder svg, Figure figure)
    {
        Angle angle = figure.Angle;
        if (!figure.HasEnd || figure.Mark == OpeningMark.None)
        {
            return;
        }
        if (figure.Mark == OpeningMark.Box)
        {
            Point one = angle.Vertex.Towards(angle.Start, Box);
            Point other = angle.Vertex.Towards(angle.End, Box);
            Point corner = one.Towards(angle.End, Box);
            Line(svg, one, corner, 0.6);
            Line(svg, corner, other, 0.6);
            return;
        }
        Point from = angle.Vertex.Towards(angle.Start, ArcRadius);
        Point to = angle.Vertex.Towards(angle.End, ArcRadius);
        int large = angle.Measure.Degrees > 180 ? 1 : 0;
        int sweep = angle.Opening == TurnDirection.Clockwise ? 1 : 0;
        svg.Append(
            Invariant(
                $"<path d=\"M{from.X:0.###} {-from.Y:0.###}A{ArcRadius} {ArcRadius} 0 {large} {sweep} {to.X:0.###} {-to.Y:0.###}\" fill=\"none\" stroke=\"{InkColour}\" stroke-width=\"0.6\"/>"
            )
        );
        if (figure.Mark == OpeningMark.EqualArc)
        {
            Direction middle = angle.Bisector;
            Line(
                svg,
                angle.Vertex.Towards(middle, ArcRadius - EqualStroke),
                angle.Vertex.Towards(middle, ArcRadius + EqualStroke),
                0.6
            );
        }
    }

    private static void Dots(StringBuilder svg, ItemView view)
    {
        foreach (DrawnDot dot in view.Sheet.Dots)
        {
            svg.Append(
                Invariant(
                    $"<circle cx=\"{dot.At.X:0.###}\" cy=\"{-dot.At.Y:0.###}\" r=\"{(dot.Blunt ? 2 : 0.85)}\" fill=\"{InkColour}\"/>"
                )
            );
        }
    }

    private static void Notes(StringBuilder svg, ItemView view, Phrasing phrasing)
    {
        foreach (Written note in view.Sheet.Notes)
        {
            Text(svg, note.At, phrasing.Say(note.Text), NameSize);
        }
    }

    private static void Instruments(StringBuilder svg, ItemView view)
    {
        foreach (LaidInstrument laid in view.Sheet.Instruments)
        {
            Protractor? protractor =
                view.Laid?.Id == laid.InstrumentId ? view.Laid
                : view.InHand?.Id == laid.InstrumentId ? view.InHand
                : InstrumentCatalogue.Find(laid.InstrumentId);
            if (protractor is not null)
            {
                Instrument(svg, protractor, laid.Placement);
            }
        }
    }

    private static void Instrument(StringBuilder svg, Protractor protractor, Placement placement)
    {
        bool half = protractor.Shape == ProtractorShape.HalfCircle;
        int last = half ? 180 : 360;
        svg.Append("<g id=\"")
            .Append(SecurityElement.Escape(protractor.Id))
            .Append("\"><path d=\"M");
        for (int bearing = 0; bearing <= last; bearing += 2)
        {
            Point rim = placement.PointAt(bearing, protractor.EdgeRadius);
            svg.Append(Invariant($"{(bearing == 0 ? "" : "L")}{rim.X:0.###} {-rim.Y:0.###}"));
        }
        svg.Append(Invariant($"Z\" fill=\"none\" stroke=\"{BrassColour}\" stroke-width=\"0.5\"/>"));
        ProtractorFace face = ProtractorFace.Of(protractor);
        foreach (Graduation graduation in face.Graduations)
        {
            double length = graduation.Rank switch
            {
                GraduationRank.Ten => 6,
                GraduationRank.Five => 4.5,
                _ => 3,
            };
            Line(
                svg,
                placement.PointAt(graduation.Bearing, protractor.EdgeRadius),
                placement.PointAt(graduation.Bearing, protractor.EdgeRadius - length),
                0.2
            );
        }
        foreach (GraduationLabel label in face.Labels)
        {
            Text(
                svg,
                placement.PointAt(label.Bearing, protractor.Scales[label.ScaleIndex].Radius),
                label.Number.ToString(CultureInfo.InvariantCulture),
                3.4
            );
        }
        Line(
            svg,
            placement.PointAt(0, protractor.EdgeRadius),
            placement.PointAt(180, protractor.EdgeRadius),
            0.3
        );
        svg.Append("</g>");
    }

    private static void Arm(StringBuilder svg, in Arm arm) => Line(svg, arm.From, arm.Tip, 0.9);

    private static void Line(StringBuilder svg, Point from, Point to, double width) =>
        svg.Append(
            Invariant(
                $"<line x1=\"{from.X:0.###}\" y1=\"{-from.Y:0.###}\" x2=\"{to.X:0.###}\" y2=\"{-to.Y:0.###}\" stroke=\"{InkColour}\" stroke-width=\"{width}\" stroke-linecap=\"round\"/>"
            )
        );

    private static void Text(StringBuilder svg, Point at, string text, double size) =>
        svg.Append(
                Invariant(
                    $"<text x=\"{at.X:0.###}\" y=\"{-at.Y + 0.35 * size:0.###}\" font-size=\"{size}\" text-anchor=\"middle\" fill=\"{InkColour}\">"
                )
            )
            .Append(SecurityElement.Escape(text))
            .Append("</text>");

    private static string Invariant(FormattableString text) =>
        text.ToString(CultureInfo.InvariantCulture);
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Outlines;

/// <summary>Outlines to choose from: letters, signs, and what stands about in a harbour. In mm, about 60 high.</summary>
internal static class OutlineShapes
{
    internal static OutlineShape Boathouse { get; } =
        Of(
            Text.Demonstrations.Outlines.Name.Boathouse,
            [(-26, -30), (26, -30), (26, 6), (0, 30), (-26, 6), (-26, -30)]
        );

    internal static IReadOnlyList<OutlineShape> All { get; } =
    [
        Of(Text.Demonstrations.Outlines.Name.Letter("L"), [(-15, 30), (-15, -30), (20, -30)]),
        Of(Text.Demonstrations.Outlines.Name.Letter("V"), [(-22, 30), (0, -30), (22, 30)]),
        Of(
            Text.Demonstrations.Outlines.Name.Letter("N"),
            [(-20, -30), (-20, 30), (20, -30), (20, 30)]
        ),
        Of(
            Text.Demonstrations.Outlines.Name.Letter("Z"),
            [(-22, 30), (22, 30), (-22, -30), (22, -30)]
        ),
        Of(
            Text.Demonstrations.Outlines.Name.Letter("W"),
            [(-32, 30), (-16, -30), (0, 14), (16, -30), (32, 30)]
        ),
        Of(
            Text.Demonstrations.Outlines.Name.Letter("M"),
            [(-26, -30), (-26, 30), (0, -8), (26, 30), (26, -30)]
        ),
        Of(Text.Demonstrations.Outlines.Name.Sail, [(-18, -30), (20, -30), (-18, 32), (-18, -30)]),
        Of(Text.Demonstrations.Outlines.Name.Kite, [(0, 34), (20, 8), (0, -34), (-20, 8), (0, 34)]),
        Of(Text.Demonstrations.Outlines.Name.Pennant, [(-28, 16), (30, 0), (-28, -16), (-28, 16)]),
        Boathouse,
        Of(Text.Demonstrations.Outlines.Name.StopSign, Regular(8, 30, 22.5)),
        Of(Text.Demonstrations.Outlines.Name.Nut, Regular(6, 30, 0)),
        Of(
            Text.Demonstrations.Outlines.Name.GiveWaySign,
            [(-30, 24), (0, -28), (30, 24), (-30, 24)]
        ),
        Of(
            Text.Demonstrations.Outlines.Name.Hull,
            [(-34, 14), (34, 14), (20, -16), (-20, -16), (-34, 14)]
        ),
        Of(
            Text.Demonstrations.Outlines.Name.Chart,
            [(-30, -20), (30, -20), (30, 20), (-30, 20), (-30, -20)]
        ),
        Of(
            Text.Demonstrations.Outlines.Name.Arrow,
            [(-30, 8), (4, 8), (4, 24), (32, 0), (4, -24), (4, -8), (-30, -8), (-30, 8)]
        ),
    ];

    private static OutlineShape Of(Message name, params (double X, double Y)[][] strokes) =>
        new(
            name,
            [.. strokes.Select(s => (IReadOnlyList<Point>)[.. s.Select(p => new Point(p.X, p.Y))])]
        );

    private static (double X, double Y)[] Regular(int corners, double radius, double from) =>
        [
            .. Enumerable
                .Range(0, corners + 1)
                .Select(i =>
                {
                    (double sin, double cos) = Math.SinCos(
                        (from + 360.0 * (i % corners) / corners) * (Math.PI / 180)
                    );
                    return (Math.Round(radius * cos, 3), Math.Round(radius * sin, 3));
                }),
        ];
}

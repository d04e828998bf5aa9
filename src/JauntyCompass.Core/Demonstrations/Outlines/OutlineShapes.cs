using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Demonstrations.Outlines;

/// <summary>Outlines to choose from: letters, signs, and what stands about in a harbour. In mm, about 60 high.</summary>
internal static class OutlineShapes
{
    internal static IReadOnlyList<OutlineShape> All { get; } =
    [
        Of("letter L", [(-15, 30), (-15, -30), (20, -30)]),
        Of("letter V", [(-22, 30), (0, -30), (22, 30)]),
        Of("letter N", [(-20, -30), (-20, 30), (20, -30), (20, 30)]),
        Of("letter Z", [(-22, 30), (22, 30), (-22, -30), (22, -30)]),
        Of("letter W", [(-32, 30), (-16, -30), (0, 14), (16, -30), (32, 30)]),
        Of("letter M", [(-26, -30), (-26, 30), (0, -8), (26, 30), (26, -30)]),
        Of("sail", [(-18, -30), (20, -30), (-18, 32), (-18, -30)]),
        Of("kite", [(0, 34), (20, 8), (0, -34), (-20, 8), (0, 34)]),
        Of("pennant", [(-28, 16), (30, 0), (-28, -16), (-28, 16)]),
        Of("boathouse", [(-26, -30), (26, -30), (26, 6), (0, 30), (-26, 6), (-26, -30)]),
        Of("stop sign", Regular(8, 30, 22.5)),
        Of("nut of a screw", Regular(6, 30, 0)),
        Of("give-way sign", [(-30, 24), (0, -28), (30, 24), (-30, 24)]),
        Of("hull", [(-34, 14), (34, 14), (20, -16), (-20, -16), (-34, 14)]),
        Of("chart", [(-30, -20), (30, -20), (30, 20), (-30, 20), (-30, -20)]),
        Of("arrow", [(-30, 8), (4, 8), (4, 24), (32, 0), (4, -24), (4, -8), (-30, -8), (-30, 8)]),
    ];

    private static OutlineShape Of(string name, params (double X, double Y)[][] strokes) =>
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

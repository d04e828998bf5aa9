using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.TwoTriangles;

/// <summary>Puts two triangles into words.</summary>
public static class TriangleTelling
{
    /// <summary>Where the corners lie, and how the sides run from each, for those who listen.</summary>
    public static ToldSheet Of(TrianglePair pair, IReadOnlyList<Message> more) =>
        new(
            [
                Text.Heard.FromMiddle,
                .. Corners(pair.First, second: false),
                .. Corners(pair.Second, second: true),
                .. more,
            ],
            [],
            [.. Places(pair.First, second: false), .. Places(pair.Second, second: true)]
        );

    private static IEnumerable<Message> Corners(Triangle triangle, bool second) =>
        triangle.Corners.Select(
            (p, i) => Text.Heard.TriangleCorner(TrianglePair.Letter(second, i), ToldAngles.Place(p))
        );

    private static IEnumerable<ToldPlace> Places(Triangle triangle, bool second) =>
        triangle.Corners.Select(
            (p, i) =>
                new ToldPlace(
                    p,
                    [
                        .. new[] { Triangle.Next(i), Triangle.Before(i) }.Select(end => new ToldRay(
                            Text.Units.AsWritten(
                                TrianglePair.Letter(second, i) + TrianglePair.Letter(second, end)
                            ),
                            triangle.Corners[end]
                        )),
                    ]
                )
                {
                    Name = Text.Units.AsWritten(TrianglePair.Letter(second, i)),
                }
        );
}

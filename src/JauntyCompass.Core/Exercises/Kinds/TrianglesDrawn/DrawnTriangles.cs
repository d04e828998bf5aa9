using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Triangles;

namespace JauntyCompass.Core.Exercises.Kinds.TrianglesDrawn;

/// <summary>Two triangles as a student drew them on their bases: an arm at each end, and where the arms meet.</summary>
internal sealed class DrawnTriangles
{
    // What no sheet holds, in mm.
    private const double LongestSide = 400;

    private readonly DrawTrianglesItem _item;
    private readonly DrawTrianglesResponse? _response;
    private readonly DrawnFigure?[] _figures;

    internal DrawnTriangles(DrawTrianglesItem item, DrawTrianglesResponse? response)
    {
        (_item, _response) = (item, response);
        PencilMarks? marks = response?.Marks();
        _figures =
        [
            .. Corners.Select(corner =>
                marks is null ? null : DrawnFigure.Of(ContextAt(corner), marks)
            ),
        ];
        Pair =
            Meeting(second: false) is Triangle first && Meeting(second: true) is Triangle second
                ? new TrianglePair(first, second) { ByLetters = true }
                : null;
    }

    /// <summary>The ends of the bases at which an angle is drawn.</summary>
    internal static IReadOnlyList<(bool Second, bool Right)> Corners { get; } =
    [(false, false), (false, true), (true, false), (true, true)];

    /// <summary>The base, named from a corner: <c>AB</c>, or <c>BA</c>.</summary>
    internal static string BaseFrom((bool Second, bool Right) corner) =>
        TrianglePair.Letter(corner.Second, corner.Right ? 1 : 0)
        + TrianglePair.Letter(corner.Second, corner.Right ? 0 : 1);

    /// <summary>Key of the step of a corner.</summary>
    internal static string KeyOf((bool Second, bool Right) corner) =>
        "drawing" + TrianglePair.Letter(corner.Second, corner.Right ? 1 : 0);

    /// <summary>What is to be drawn at a corner. How the protractor lay is only known of the last dot of all.</summary>
    internal MarkingContext ContextAt((bool Second, bool Right) corner) =>
        MarkingContext.Drawing(
            _item.Asked(corner.Second, corner.Right),
            _item.Instrument,
            Seen.Of<Placement>(null, elseAbsent: _response?.NeverLaid == true)
        );

    /// <summary>What was drawn at a corner; null while nothing is.</summary>
    internal DrawnFigure? At((bool Second, bool Right) corner) =>
        _figures[(corner.Second ? 2 : 0) + (corner.Right ? 1 : 0)];

    /// <summary>The triangles as they were drawn; null where the arms of one do not meet.</summary>
    internal TrianglePair? Pair { get; }

    private Triangle? Meeting(bool second)
    {
        Triangle asked = second ? _item.Pair.Second : _item.Pair.First;
        if (
            At((second, false))?.Ray.Value is not StrokeLine left
            || At((second, true))?.Ray.Value is not StrokeLine right
            || Curve
                .Line(left.Near, left.Direction)
                .CrossingNear(Curve.Line(right.Near, right.Direction), asked.Corners[2])
                is not Point apex
        )
        {
            return null;
        }
        var drawn = new Triangle([asked.Corners[0], asked.Corners[1], apex]);
        return left.Along(apex) > 0 && drawn.Longest < LongestSide && drawn.Shortest >= 1
            ? drawn
            : null;
    }
}

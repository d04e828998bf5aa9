using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Outlines;

/// <summary>A letter, a sign or an everyday outline, drawn in straight strokes.</summary>
/// <param name="Name">What it is: a letter, a sail.</param>
/// <param name="Strokes">Its strokes, each a row of points in mm; a closed one ends where it begins.</param>
public sealed record OutlineShape(Message Name, IReadOnlyList<IReadOnlyList<Point>> Strokes)
    : IValidatable
{
    private const double Rounding = 0.75;

    /// <summary>The angles at its corners, each under 180°, in degrees: of every two neighbouring segments of a stroke.</summary>
    public IReadOnlyList<double> Angles => [.. Corners.Select(c => c.Degrees)];

    /// <summary>Its corners: where each is, which way its angle opens, and how large it is, in degrees.</summary>
    internal IReadOnlyList<(Point At, Direction Into, double Degrees)> Corners
    {
        get
        {
            var found = new List<(Point, Direction, double)>();
            foreach (IReadOnlyList<Point> stroke in Strokes)
            {
                int last = stroke.Count - 1;
                bool closed = stroke[0] == stroke[last];
                for (int i = closed ? 0 : 1; i < last; i++)
                {
                    Point before = i == 0 ? stroke[last - 1] : stroke[i - 1];
                    var back = Direction.Between(stroke[i], before);
                    double turn = back.ShorterTurnTo(Direction.Between(stroke[i], stroke[i + 1]));
                    found.Add((stroke[i], back.Turned(turn / 2), Math.Abs(turn)));
                }
            }
            return found;
        }
    }

    /// <summary>How many of its angles are of a kind.</summary>
    public int Count(AngleKind kind) => Angles.Count(a => KindOf(a) == kind);

    /// <summary>Whether two of its acute angles are alike.</summary>
    public bool HasTwoAcuteAlike
    {
        get
        {
            double[] acute = [.. Angles.Where(a => KindOf(a) == AngleKind.Acute).Order()];
            return acute.Zip(acute.Skip(1)).Any(p => p.Second - p.First <= Rounding);
        }
    }

    /// <summary>Corners that open alike, each group in the order of the corners; numbers from 0.</summary>
    internal IReadOnlyList<IReadOnlyList<int>> EqualCorners
    {
        get
        {
            List<List<int>> groups = [];
            IReadOnlyList<double> angles = Angles;
            for (int i = 0; i < angles.Count; i++)
            {
                if (groups.Find(g => Math.Abs(angles[g[0]] - angles[i]) <= Rounding) is { } group)
                {
                    group.Add(i);
                }
                else
                {
                    groups.Add([i]);
                }
            }
            return [.. groups.Where(g => g.Count > 1)];
        }
    }

    // What is drawn square is square: a hair of rounding in its points must not make it acute.
    internal static double AsDrawn(double angle) => Math.Abs(angle - 90) <= Rounding ? 90 : angle;

    internal static AngleKind KindOf(double angle) => new Measure(AsDrawn(angle)).Kind;

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Said("name", Name);
        if (!errors.Count("strokes", Strokes, 1, 8))
        {
            return;
        }
        for (int i = 0; i < Strokes.Count; i++)
        {
            if (errors.Count($"strokes[{i}]", Strokes[i], 2, 20))
            {
                foreach (Point point in Strokes[i])
                {
                    errors.Within($"strokes[{i}]", point);
                }
            }
        }
    }
}

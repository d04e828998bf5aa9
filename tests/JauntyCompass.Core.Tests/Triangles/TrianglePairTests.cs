using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Triangles;

/// <summary>Triangles, rulers and ratios beside published values.</summary>
public class TrianglePairTests
{
    // Handbook values of Pythagorean triangles (from memory; 5-12-13 also in the product's list of outside checks).
    [Theory]
    [InlineData(3, 4, 5, 36.870, 53.130)]
    [InlineData(5, 12, 13, 22.620, 67.380)]
    [InlineData(8, 15, 17, 28.072, 61.928)]
    [InlineData(7, 24, 25, 16.260, 73.740)]
    public void Right_triangles_of_whole_numbers_have_their_handbook_angles(
        double a,
        double b,
        double c,
        double oppositeA,
        double oppositeB
    )
    {
        // Side 2 lies opposite corner 1.
        Triangle triangle = Triangle.OfSides(10 * b, 10 * c, 10 * a);
        triangle.AngleAt(0).ShouldBe(90, 1e-9);
        triangle.AngleAt(1).ShouldBe(oppositeA, 0.001);
        triangle.AngleAt(2).ShouldBe(oppositeB, 0.001);
    }

    // Euclid, Elements I.32 and VI.4.
    [Property]
    public Property Angles_make_180_and_similar_triangles_have_one_ratio(
        PositiveInt one,
        PositiveInt two,
        PositiveInt times
    )
    {
        double first = 10 + one.Get % 80;
        double second = 10 + two.Get % 80;
        double factor = 0.5 + times.Get % 20 / 10.0;
        Triangle triangle = Triangle.OfAngles(first, second, 80);
        Triangle larger = Triangle
            .OfAngles(first, second, 80 * factor)
            .Moved(times.Get, mirrored: true, new Point(5, 7));
        double sum = triangle.AngleAt(0) + triangle.AngleAt(1) + triangle.AngleAt(2);
        var pair = new TrianglePair(triangle, larger);
        return (
            Math.Abs(sum - 180) < 1e-9
            && Math.Abs(triangle.AngleAt(0) - first) < 1e-9
            && Enumerable
                .Range(0, 3)
                .All(side =>
                    Math.Abs(larger.Side(side) / triangle.Side(side) - factor) < 0.01
                    && pair.RatioOf(side).Contains(factor, 0.01)
                )
            && pair.RatiosAgree
        ).ToProperty();
    }

    [Theory]
    [InlineData(TurnDirection.Anticlockwise)]
    [InlineData(TurnDirection.Clockwise)]
    public void A_triangle_stands_on_either_side_of_its_base_with_the_angles_that_are_asked(
        TurnDirection opening
    )
    {
        var triangle = Triangle.OnBase(new Point(3, -4), new Direction(25), 60, opening, 40, 75);
        triangle.Side(0).ShouldBe(60, 1e-9);
        triangle.AngleAt(0).ShouldBe(40, 1e-9);
        triangle.AngleAt(1).ShouldBe(75, 1e-9);
        triangle.At(0).Opening.ShouldBe(opening);
        triangle.At(1, next: 0).Opening.ShouldBe(opening.Reversed());
        triangle
            .At(1, next: 0)
            .End.ShorterTurnTo(Direction.Between(triangle.Corners[1], triangle.Corners[2]))
            .ShouldBe(0, 1e-9);
        // By their letters, though two sides are as long as each other.
        var isosceles = new TrianglePair(
            Triangle.OnBase(default, default, 50, opening, 50, 65),
            Triangle.OnBase(default, default, 75, opening, 50, 65)
        )
        {
            ByLetters = true,
        };
        Enumerable.Range(0, 3).Select(isosceles.Corresponding).ShouldBe([0, 1, 2]);
    }

    // The worst that two readings of half a millimetre can do to a ratio.
    [Theory]
    [InlineData(60, 40, 1.469, 1.532)]
    [InlineData(40, 60, 0.652, 0.681)]
    [InlineData(150, 100, 1.487, 1.513)]
    public void A_ratio_says_what_its_lengths_leave_open(
        double one,
        double other,
        double least,
        double most
    )
    {
        var range = RatioRange.Of(one, other);
        range.Least.ShouldBe(least, 0.001);
        range.Most.ShouldBe(most, 0.001);
        range.Contains(one / other, 0).ShouldBeTrue();
        RatioRange.Agree([range, RatioRange.Of(one * 2, other * 2)]).ShouldBeTrue();
        RatioRange.Agree([range, RatioRange.Of(one * 1.2, other)]).ShouldBeFalse();
    }

    [Fact]
    public void Lengths_that_nobody_measures_have_no_ratio()
    {
        Should.Throw<ArgumentOutOfRangeException>(() => RatioRange.Of(0, 40));
        Should.Throw<ArgumentOutOfRangeException>(() => RatioRange.Of(40, 0.5));
        Should.Throw<ArgumentOutOfRangeException>(() => RatioRange.Of(40, 40, 1));
        Should.Throw<ArgumentException>(() => Triangle.OfSides(10, 20, 40));
    }

    [Fact]
    public void A_ruler_tells_what_stands_at_each_corner_beside_it()
    {
        var ruler = new Ruler(150, 6);
        NamedPoint[] points =
        [
            new("B", new Point(64, 0)),
            new("A", default),
            new("C", new Point(30, 40)),
        ];
        Told(default).ShouldBe("At A: 0 mm. At B: 64 mm.");
        // With its end at A.
        Told(new Point(6, 0)).ShouldBe("A is 6 mm before the zero. At B: 58 mm.");
        ruler.FromItsEnd(64).ShouldBe(58);

        string Told(Point zero) =>
            string.Join(
                ' ',
                RulerSentences.At(ruler, new Placement(zero, default), points).Select(m => m.Said())
            );
    }
}

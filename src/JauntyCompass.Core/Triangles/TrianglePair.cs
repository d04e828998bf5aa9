using JauntyCompass.Core.Answers;

namespace JauntyCompass.Core.Triangles;

/// <summary>Two triangles that are compared: the first has the letters A, B and C, the second P, Q and R.</summary>
/// <param name="First">The first triangle.</param>
/// <param name="Second">The second triangle.</param>
public sealed record TrianglePair(Triangle First, Triangle Second)
{
    private static readonly string[] OfFirst = ["A", "B", "C"];
    private static readonly string[] OfSecond = ["P", "Q", "R"];

    // As large as each other, as far as an eye can tell.
    private const double LeastAlike = 0.9;
    private const double MostAlike = 1.1;

    /// <summary>Whether sides correspond by their letters, since the triangles were drawn so; else by what they are.</summary>
    public bool ByLetters { get; init; }

    /// <summary>Whether an eye takes them for as large as each other.</summary>
    public bool LookAsLarge => Second.Longest / First.Longest is > LeastAlike and < MostAlike;

    /// <summary>The letter at a corner.</summary>
    /// <param name="second">Whether it is a corner of the second triangle.</param>
    /// <param name="corner">Which corner, from 0.</param>
    public static string Letter(bool second, int corner) => (second ? OfSecond : OfFirst)[corner];

    /// <summary>The name of a side by the letters at its ends, such as <c>AB</c>.</summary>
    /// <param name="second">Whether it is a side of the second triangle.</param>
    /// <param name="side">Which side, from 0.</param>
    public static string SideName(bool second, int side) =>
        Letter(second, side) + Letter(second, Triangle.Next(side));

    /// <summary>
    /// The side of the second triangle that takes the place of a side of the first: as the sides of each stand by length, the shortest with
    /// the shortest (in similar triangles the sides opposite equal angles, Euclid VI.4).
    /// </summary>
    /// <param name="side">A side of the first triangle, from 0.</param>
    public int Corresponding(int side) =>
        ByLetters ? side : ByLength(Second)[Array.IndexOf(ByLength(First), side)];

    /// <summary>How many times a side of the first triangle goes into the side that corresponds to it: what it may be when both are measured.</summary>
    /// <param name="side">A side of the first triangle, from 0.</param>
    /// <param name="error">How far either length may be off, in mm.</param>
    public RatioRange RatioOf(int side, double error = RatioRange.RulerError) =>
        RatioRange.Of(Second.Side(Corresponding(side)), First.Side(side), error);

    /// <summary>The ranges of all three ratios.</summary>
    /// <param name="error">How far any length may be off, in mm.</param>
    public IReadOnlyList<RatioRange> Ratios(double error = RatioRange.RulerError) =>
        [.. Enumerable.Range(0, Triangle.Count).Select(side => RatioOf(side, error))];

    /// <summary>Whether a ruler can find no difference between the three ratios.</summary>
    public bool RatiosAgree => RatioRange.Agree(Ratios());

    private static int[] ByLength(Triangle triangle) =>
        [.. Enumerable.Range(0, Triangle.Count).OrderBy(triangle.Side)];
}

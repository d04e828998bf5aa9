namespace JauntyCompass.Core.Angles;

/// <summary>A ray of a figure, with the letter of a point on it.</summary>
/// <param name="Letter">One capital letter.</param>
/// <param name="Direction">Which way it points.</param>
public sealed record NamedRay(string Letter, Direction Direction);

/// <summary>An angle that is to be named.</summary>
/// <param name="Vertex">Letter at the vertex.</param>
/// <param name="Rays">All rays at the vertex.</param>
/// <param name="Start">Letter on one arm of the angle that is meant.</param>
/// <param name="End">Letter on the other arm.</param>
public sealed record AngleToName(
    string Vertex,
    IReadOnlyList<NamedRay> Rays,
    string Start,
    string End
);

/// <summary>What a name is worth.</summary>
public enum NameVerdict
{
    /// <summary>It names the angle that is meant.</summary>
    Allowed,

    /// <summary>It is no name: other letters, too few, too many.</summary>
    NoName,

    /// <summary>Two letters name a ray, not an angle.</summary>
    TwoLetters,

    /// <summary>The letters are right, but the vertex is not in the middle.</summary>
    VertexNotInTheMiddle,

    /// <summary>One letter, where several angles stand at the vertex.</summary>
    AmbiguousLetter,

    /// <summary>It names another angle at this vertex.</summary>
    OtherAngle,
}

/// <summary>
/// Tells whether a name is allowed for an angle: one letter if only one angle stands at the vertex; three letters with the
/// vertex in the middle, either way round. Common practice, no source.
/// </summary>
public static class NameCheck
{
    // The sign in letters, for who has no key for it.
    private const string Sign = "ANGLE";

    /// <summary>Judges a name.</summary>
    /// <param name="name">As it was written; the angle sign (or the word), blanks and small letters do no harm.</param>
    /// <param name="angle">The angle that is meant.</param>
    public static NameVerdict Of(string name, AngleToName angle)
    {
        (string vertex, IReadOnlyList<NamedRay> rays, string start, string end) = angle;
        string letters = string.Concat(
                name.Where(c => !char.IsWhiteSpace(c) && c is not ('∠' or '<' or '°'))
            )
            .ToUpperInvariant();
        if (letters.StartsWith(Sign, StringComparison.Ordinal))
        {
            letters = letters[Sign.Length..];
        }
        if (letters.Any(c => !IsKnown(c, vertex, rays)))
        {
            return NameVerdict.NoName;
        }
        return letters.Length switch
        {
            1 => letters != vertex ? NameVerdict.NoName
            : rays.Count > 2 ? NameVerdict.AmbiguousLetter
            : NameVerdict.Allowed,
            2 => NameVerdict.TwoLetters,
            3 => OfThree(letters, vertex, start, end),
            _ => NameVerdict.NoName,
        };
    }

    private static bool IsKnown(char letter, string vertex, IReadOnlyList<NamedRay> rays) =>
        vertex == letter.ToString() || rays.Any(r => r.Letter == letter.ToString());

    private static NameVerdict OfThree(string letters, string vertex, string start, string end)
    {
        if (letters.Distinct().Count() < 3)
        {
            return NameVerdict.NoName;
        }
        string[] outer = [letters[0].ToString(), letters[2].ToString()];
        if (letters[1].ToString() != vertex)
        {
            return letters.Contains(vertex) ? NameVerdict.VertexNotInTheMiddle : NameVerdict.NoName;
        }
        return outer
            .Order(StringComparer.Ordinal)
            .SequenceEqual(new[] { start, end }.Order(StringComparer.Ordinal))
            ? NameVerdict.Allowed
            : NameVerdict.OtherAngle;
    }
}

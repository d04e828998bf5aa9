using JauntyCompass.Core.Triangles;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Similar;

/// <summary>A triangle in two of whose corners the measure is written.</summary>
/// <param name="Triangle">The triangle as it is drawn.</param>
/// <param name="Angles">Its angles in the order of its corners, in whole degrees.</param>
/// <param name="Hidden">The corner in which nothing is written, from 0.</param>
public sealed record WrittenTriangle(Triangle Triangle, IReadOnlyList<int> Angles, int Hidden)
    : IValidatable
{
    private const int Least = 5;
    private const int Most = 170;

    /// <summary>The measures that are written.</summary>
    internal IEnumerable<int> Shown => Angles.Where((_, corner) => corner != Hidden);

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Within("triangle", Triangle);
        errors.Range("hidden", Hidden, 0, Triangle.Count - 1);
        if (!errors.Count("angles", Angles, Triangle.Count, Triangle.Count))
        {
            return;
        }
        foreach (int angle in Angles)
        {
            errors.Range("angles", angle, Least, Most, Unit.Degrees);
        }
        if (Angles.Sum() != 180)
        {
            errors.Add("angles", Text.Validation.TriangleSum);
        }
    }
}

/// <summary>Two triangles with two angles given in each: are they similar?</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="First">The first triangle.</param>
/// <param name="Second">The second triangle.</param>
/// <param name="Side">The side of the first triangle for which the one that corresponds to it is asked, from 0.</param>
public sealed record SimilarItem(
    Message Prompt,
    WrittenTriangle First,
    WrittenTriangle Second,
    int Side
) : Item(Prompt)
{
    internal TrianglePair Pair => new(First.Triangle, Second.Triangle);

    /// <summary>Whether their angles are the same (Euclid VI.4).</summary>
    internal bool AreSimilar => First.Angles.Order().SequenceEqual(Second.Angles.Order());

    /// <summary>How many of the angles of one are angles of the other, too.</summary>
    internal int EqualAngles => First.Angles.Intersect(Second.Angles).Count();

    /// <summary>How many of the written ones are.</summary>
    internal int EqualShown => First.Shown.Intersect(Second.Shown).Count();

    /// <summary>The side of the second triangle that lies opposite the same angle; null where there is no such angle.</summary>
    internal int? Corresponding
    {
        get
        {
            int opposite = First.Angles[Triangle.Before(Side)];
            for (int corner = 0; AreSimilar && corner < Triangle.Count; corner++)
            {
                if (Second.Angles[corner] == opposite)
                {
                    return Triangle.Next(corner);
                }
            }
            return null;
        }
    }

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("first", First);
        errors.Within("second", Second);
        errors.Range("side", Side, 0, Triangle.Count - 1);
    }
}

/// <summary>What follows from the angles.</summary>
/// <param name="Third">The third angle of the first triangle, in degrees.</param>
/// <param name="OtherThird">The third angle of the second triangle.</param>
/// <param name="Similar">Whether they are similar: <c>yes</c> or <c>no</c>.</param>
/// <param name="Reason">Why: <c>given</c>, <c>third</c>, <c>one</c>, <c>none</c> or <c>looks</c>.</param>
/// <param name="Match">The side that corresponds: <c>pq</c>, <c>qr</c>, <c>rp</c>, or <c>none</c>.</param>
public sealed record SimilarResponse(
    double? Third = null,
    double? OtherThird = null,
    string? Similar = null,
    string? Reason = null,
    string? Match = null
) : Response
{
    private const int LongestText = 40;

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Range("third", Third ?? 0, 0, 360, Unit.Degrees);
        errors.Range("otherThird", OtherThird ?? 0, 0, 360, Unit.Degrees);
        foreach (
            (string field, string? text) in ((string, string?)[])
                [("similar", Similar), ("reason", Reason), ("match", Match)]
        )
        {
            if (text is not null)
            {
                errors.Text(field, text, 1, LongestText);
            }
        }
    }
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.NameAngle;

/// <summary>Rays at a vertex, one angle between two of them, and a name that somebody proposes for it.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Vertex">Letter at the vertex.</param>
/// <param name="Rays">All rays, anticlockwise; 2 to 4.</param>
/// <param name="Start">Letter on one arm of the angle that is meant.</param>
/// <param name="End">Letter on the other arm.</param>
/// <param name="Proposed">The name that is proposed.</param>
public sealed record NameAngleItem(
    Message Prompt,
    string Vertex,
    IReadOnlyList<NamedRay> Rays,
    string Start,
    string End,
    string Proposed
) : Item(Prompt)
{
    /// <summary>What the proposed name is worth.</summary>
    internal NameVerdict Verdict => NameCheck.Of(Proposed, Meant);

    /// <summary>The angle that is meant.</summary>
    internal AngleToName Meant => new(Vertex, Rays, Start, End);

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Text("vertex", Vertex, 1, 1);
        errors.Text("proposed", Proposed, 1, 12);
        if (!errors.Count("rays", Rays, 2, 4))
        {
            return;
        }
        if (Rays.Any(r => r is null || r.Letter is not { Length: 1 }))
        {
            errors.Add("rays", Text.Validation.Item.OneLetterEach);
            return;
        }
        if (Rays.Select(r => r.Letter).Append(Vertex).Distinct().Count() != Rays.Count + 1)
        {
            errors.Add("rays", Text.Validation.Item.OwnLetters);
        }
        foreach ((string field, string letter) in new[] { ("start", Start), ("end", End) })
        {
            if (Rays.All(r => r.Letter != letter))
            {
                errors.Add(field, Text.Validation.Item.LetterOfARay);
            }
        }
        if (Start == End)
        {
            errors.Add("end", Text.Validation.Item.TwoRays);
        }
    }
}

/// <summary>Whether the proposed name is allowed, and a name of one's own.</summary>
/// <param name="Allowed"><c>yes</c> or <c>no</c>.</param>
/// <param name="Name">A name for the angle, as it was written.</param>
public sealed record NameAngleResponse(string Allowed, string Name) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        if (Allowed is not ("yes" or "no"))
        {
            errors.Add("allowed", Text.Validation.YesOrNo);
        }
        errors.Text("name", Name, 1, 40);
    }
}

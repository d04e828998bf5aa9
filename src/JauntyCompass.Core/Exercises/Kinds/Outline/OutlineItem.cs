using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Outlines;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Outline;

/// <summary>Something that can be said of the angles of an outline.</summary>
/// <param name="Acute">How many acute angles it has, or null when nothing is said of them.</param>
/// <param name="Right">How many right angles, or null.</param>
/// <param name="Obtuse">How many obtuse angles, or null.</param>
/// <param name="AcuteAlike">Whether two acute angles are alike; null when nothing is said of that.</param>
public sealed record Riddle(int? Acute, int? Right, int? Obtuse, bool? AcuteAlike)
{
    /// <summary>Whether an outline fits.</summary>
    public bool Fits(OutlineShape shape) =>
        (Acute is null || shape.Count(AngleKind.Acute) == Acute)
        && (Right is null || shape.Count(AngleKind.Right) == Right)
        && (Obtuse is null || shape.Count(AngleKind.Obtuse) == Obtuse)
        && (AcuteAlike is null || shape.HasTwoAcuteAlike == AcuteAlike);

    /// <summary>What it says, part by part: two acute angles, no right angle.</summary>
    internal IReadOnlyList<Message> Parts
    {
        get
        {
            var parts = new List<Message>();
            if (Acute is int acute)
            {
                parts.Add(Text.Kinds.Outline.HasAcute(acute));
            }
            if (AcuteAlike == true)
            {
                parts.Add(Text.Kinds.Outline.HasAcuteAlike);
            }
            if (Right is int right)
            {
                parts.Add(Text.Kinds.Outline.HasRight(right));
            }
            if (Obtuse is int obtuse)
            {
                parts.Add(Text.Kinds.Outline.HasObtuse(obtuse));
            }
            return parts;
        }
    }
}

/// <summary>A riddle over a few outlines, and a count of one kind of angle.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Shapes">The outlines; 2 to 4, one of which fits the riddle.</param>
/// <param name="Riddle">The riddle.</param>
/// <param name="Counted">Which kind of angle is counted on the outline that fits.</param>
public sealed record OutlineItem(
    Message Prompt,
    IReadOnlyList<OutlineShape> Shapes,
    Riddle Riddle,
    AngleKind Counted
) : Item(Prompt)
{
    /// <summary>Letter of an outline, from its place.</summary>
    internal static string LetterOf(int index) =>
        ((char)('A' + index)).ToString(CultureInfo.InvariantCulture);

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Each("shapes", Shapes, 2, 4);
        errors.Known("counted", Counted);
        if (errors.None && Riddle is not null && Shapes.Count(Riddle.Fits) != 1)
        {
            errors.Add("riddle", Text.Validation.Item.Riddle);
        }
    }
}

/// <summary>Which outline fits, and how many angles of a kind it has.</summary>
/// <param name="Fits">Letter of the outline.</param>
/// <param name="Count">How many angles of the kind that is counted.</param>
public sealed record OutlineResponse(string Fits, double Count) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Text("fits", Fits, 1, 1);
        errors.Range("count", Count, 0, 40);
    }
}

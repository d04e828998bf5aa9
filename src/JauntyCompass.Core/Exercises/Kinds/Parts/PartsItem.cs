using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Demonstrations.Algebra;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Parts;

/// <summary>Angles that belong together, each an expression in x; one of them is asked.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Sheet">The angles and how they are drawn.</param>
/// <param name="Asked">Which of them is asked, from 0.</param>
public sealed record PartsItem(Message Prompt, PartsSheet Sheet, int Asked) : Item(Prompt)
{
    // Smaller ones leave no room for what stands in them, in degrees.
    private const double LeastDrawn = 10;
    private const double MostDrawn = 350;

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        if (Sheet?.Parts is not AngleParts parts)
        {
            errors.Add("sheet.parts", Text.Validation.Missing);
            return;
        }
        int most = parts.AreEqual ? 2 : 3;
        errors.Known("sheet.parts.figure", parts.Figure);
        if (
            !errors.Count("sheet.parts.expressions", parts.Expressions, 2, most)
            || !errors.Count(
                "sheet.drawn",
                Sheet.Drawn,
                parts.Expressions.Count,
                parts.Expressions.Count
            )
        )
        {
            return;
        }
        errors.Range("asked", Asked, 0, parts.Expressions.Count - 1);
        errors.Range("sheet.tilt", Sheet.Tilt, 0, 360, Unit.Degrees);
        foreach (double measure in Sheet.Drawn)
        {
            errors.Range("sheet.drawn", measure, LeastDrawn, MostDrawn, Unit.Degrees);
        }
        if (parts.X is null || parts.Measures.Any(m => !m.IsPositive))
        {
            errors.Add("sheet.parts.expressions", Text.Validation.PartsPositive);
        }
    }
}

/// <summary>What a student works out, line by line. What is not asked is left out.</summary>
/// <param name="Whole">What they make together, or that they are equal: <c>sum-90</c>, <c>sum-180</c>, <c>sum-360</c>, <c>equal</c>.</param>
/// <param name="Reason">How that is known.</param>
/// <param name="Equation">The equation, as it was typed.</param>
/// <param name="X">x, as it was typed.</param>
/// <param name="First">The first part, as it was typed.</param>
/// <param name="Second">The second part.</param>
/// <param name="Third">The third part.</param>
/// <param name="Sum">All parts added up.</param>
public sealed record PartsResponse(
    string? Whole = null,
    string? Reason = null,
    string? Equation = null,
    string? X = null,
    string? First = null,
    string? Second = null,
    string? Third = null,
    string? Sum = null
) : Response
{
    private const int Longest = 200;

    /// <summary>The parts in their order.</summary>
    internal IReadOnlyList<string?> Parts => [First, Second, Third];

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        foreach (
            (string field, string? text) in ((string, string?)[])
                [
                    ("whole", Whole),
                    ("reason", Reason),
                    ("equation", Equation),
                    ("x", X),
                    ("first", First),
                    ("second", Second),
                    ("third", Third),
                    ("sum", Sum),
                ]
        )
        {
            if (text is not null)
            {
                errors.Text(field, text, 1, Longest);
            }
        }
    }
}

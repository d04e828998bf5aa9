using System.Text.Json.Serialization;
using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Lessons;

/// <summary>What is turned when no arm lies level.</summary>
public enum Turning
{
    /// <summary>The protractor is turned; the page stays.</summary>
    Instrument,

    /// <summary>The page is turned until the start arm lies level.</summary>
    Page,
}

/// <summary>How a reflex angle is found with an instrument that ends at 180°.</summary>
public enum ReflexMethod
{
    /// <summary>Whichever is handier for the angle; the core decides and says why.</summary>
    Handier,

    /// <summary>Measure the smaller angle and take it from 360.</summary>
    From360,

    /// <summary>Extend the first arm backwards, measure the extra beyond the straight line and add 180.</summary>
    AddTo180,

    /// <summary>Directly, on a full circle.</summary>
    FullCircle,
}

/// <summary>When the kind of an angle is said.</summary>
public enum KindSaid
{
    /// <summary>Before the instrument is touched.</summary>
    First,

    /// <summary>Once the instrument is laid on.</summary>
    AfterLaying,

    /// <summary>Only when two numbers offer themselves.</summary>
    WhenChoosing,
}

/// <summary>What is brought to its place first.</summary>
public enum LayingOrder
{
    /// <summary>The centre mark, then the zero line.</summary>
    CentreFirst,

    /// <summary>The zero line, then the centre mark along it.</summary>
    ZeroLineFirst,
}

/// <summary>How many dots a ray is drawn by.</summary>
public enum Dots
{
    /// <summary>One, at the graduation.</summary>
    One,

    /// <summary>Two on the same line, so that the straightedge has two to go by.</summary>
    Two,
}

/// <summary>How fully a drawing is labelled.</summary>
public enum Labelling
{
    /// <summary>The arc, or the box of a right angle.</summary>
    Arc,

    /// <summary>The arc and the measure.</summary>
    Measure,

    /// <summary>Arc, measure, three-letter name and kind; vertex and arms in words.</summary>
    Full,
}

/// <summary>Which lines of algebra are asked.</summary>
public enum AlgebraLines
{
    /// <summary>What is known and why, the equation, x, every part, and their sum as a check.</summary>
    All,

    /// <summary>The equation, x, and the angle that is asked.</summary>
    EquationAndAnswer,

    /// <summary>Only the angle that is asked.</summary>
    AnswerOnly,
}

/// <summary>How a class does things. Schools differ; all of these ways are right.</summary>
/// <param name="Turning">What is turned when no arm lies level.</param>
/// <param name="Scale">How the scale is chosen.</param>
/// <param name="Confirming">A second rule that confirms the first, or null.</param>
/// <param name="Reflex">How reflex angles are found.</param>
/// <param name="Kind">When the kind is said.</param>
/// <param name="EstimateFirst">Whether an estimate must come before measuring.</param>
/// <param name="Order">What is brought to its place first.</param>
/// <param name="Dots">How many dots a ray is drawn by.</param>
/// <param name="Labelling">How fully a drawing is labelled.</param>
/// <param name="Degrees">How degrees are written.</param>
/// <param name="Tolerance">Degrees of error that are accepted, 0 to 10. The usual 2 is common practice, no source.</param>
/// <param name="Words">The class's words; the usual ones when left out.</param>
/// <param name="Language">Tag of the language that the Board speaks, and the Bench where a student has chosen no other.</param>
/// <param name="OwnLines">Lines of the teacher's own, by the key of the step at which they are said; at most 80.</param>
/// <param name="Instrument">
/// Name of the protractor that the class uses, of the catalogue or of the teacher's own; null for the usual one. The Board shows things on it.
/// </param>
/// <param name="PlacingKeys">
/// Whether a key may bring the centre mark to a vertex and lay the zero line along an arm, for those who work with keys.
/// </param>
/// <param name="Algebra">Which lines of algebra are asked.</param>
public sealed record HouseRules(
    Turning Turning = Turning.Instrument,
    ScaleRule Scale = ScaleRule.StartAtZero,
    ScaleRule? Confirming = null,
    ReflexMethod Reflex = ReflexMethod.Handier,
    KindSaid Kind = KindSaid.First,
    bool EstimateFirst = false,
    LayingOrder Order = LayingOrder.CentreFirst,
    Dots Dots = Dots.One,
    Labelling Labelling = Labelling.Measure,
    DegreeStyle Degrees = DegreeStyle.Sign,
    double Tolerance = 2,
    Words? Words = null,
    string Language = "en",
    IReadOnlyDictionary<string, string>? OwnLines = null,
    string? Instrument = null,
    bool PlacingKeys = true,
    AlgebraLines Algebra = AlgebraLines.All
) : IValidatable
{
    private const int MostOwnLines = 80;
    private const int LongestLine = 160;
    private const int LongestName = 80;

    /// <summary>The rules of a class that has chosen none.</summary>
    public static HouseRules Usual { get; } = new();

    /// <summary>
    /// The rules under which a class works at something that has rules of its own: those, said in the words of the class.
    /// </summary>
    /// <param name="own">The rules of what is worked at, or null.</param>
    /// <param name="ofClass">The class's, or null.</param>
    public static HouseRules InForce(HouseRules? own, HouseRules? ofClass)
    {
        HouseRules usual = ofClass ?? Usual;
        return own is null
            ? usual
            : own with
            {
                Words = usual.Words,
                Degrees = usual.Degrees,
                Language = usual.Language,
                OwnLines = usual.OwnLines,
            };
    }

    /// <summary>How this class says things.</summary>
    [JsonIgnore]
    public Phrasing Phrasing =>
        new(Words, Degrees)
        {
            Language = Locales.Language.Find(Language) ?? Locales.Language.Usual,
        };

    /// <summary>How things are said to somebody of this class in a language; a class has words of its own in its own language only.</summary>
    /// <param name="language">The language.</param>
    public Phrasing PhrasingIn(Language language) =>
        new(language.IsSpokenAs(Phrasing.Language) ? Words : null, Degrees) { Language = language };

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Known("turning", Turning);
        errors.Known("scale", Scale);
        if (Confirming is ScaleRule confirming)
        {
            errors.Known("confirming", confirming);
        }
        errors.Known("reflex", Reflex);
        errors.Known("kind", Kind);
        errors.Known("order", Order);
        errors.Known("dots", Dots);
        errors.Known("labelling", Labelling);
        errors.Known("degrees", Degrees);
        errors.Known("algebra", Algebra);
        errors.Range("tolerance", Tolerance, 0, 10, Unit.Degrees);
        if (errors.OneOf("language", Language, Locales.Language.Tags))
        {
            Words?.Validate(errors, Locales.Language.Find(Language)!);
        }
        if (Instrument is not null)
        {
            errors.Text("instrument", Instrument, 1, LongestName);
        }
        errors.Range("ownLines", OwnLines?.Count ?? 0, 0, MostOwnLines);
        foreach ((string step, string line) in OwnLines?.Take(MostOwnLines) ?? [])
        {
            errors.Text($"ownLines.{(step.Length > 40 ? step[..40] : step)}", line, 1, LongestLine);
        }
    }
}

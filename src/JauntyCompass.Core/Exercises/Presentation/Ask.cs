using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Presentation;

/// <summary>How something is answered.</summary>
public enum AskType
{
    /// <summary>One of a few things; the response's field carries its key.</summary>
    Choice,

    /// <summary>A number of degrees, without laying anything on.</summary>
    Degrees,

    /// <summary>A number of degrees read with the instrument; where it lay goes into the placement field.</summary>
    Reading,

    /// <summary>An opening shown with a paper fan, in degrees.</summary>
    Fan,

    /// <summary>A few letters.</summary>
    Text,

    /// <summary>A drawing: strokes, dots, an arc and where the instrument lay.</summary>
    Drawing,

    /// <summary>A construction with compass and straightedge: strokes, and arcs in the response's <c>arcs</c>.</summary>
    Construction,

    /// <summary>A number of millimetres, read from the ruler.</summary>
    Length,

    /// <summary>A whole number that is no measure.</summary>
    Count,

    /// <summary>An equation, typed in any way that <see cref="Core.Algebra.AlgebraReader"/> reads.</summary>
    Equation,

    /// <summary>An exact number, whole or not, typed in any way that <see cref="Core.Algebra.AlgebraReader"/> reads.</summary>
    ExactNumber,
}

/// <summary>One thing that can be chosen.</summary>
/// <param name="Key">What the response carries.</param>
/// <param name="Text">What the student reads.</param>
public sealed record AskOption(string Key, Message Text);

/// <summary>
/// One thing that an item asks. Its field is the name of the property of the response that carries the answer, so a page can
/// show any kind of exercise without knowing it.
/// </summary>
/// <param name="Field">Property of the response.</param>
/// <param name="Type">How it is answered.</param>
/// <param name="Label">What the student reads beside it.</param>
public sealed record Ask(string Field, AskType Type, Message Label)
{
    /// <summary>What can be chosen; empty for other types.</summary>
    public IReadOnlyList<AskOption> Options { get; init; } = [];

    /// <summary>Property of the response that carries where the instrument lay; null where nothing is laid on.</summary>
    public string? PlacementField { get; init; }

    /// <summary>Whether it is asked only once all before it is answered, and what was answered before is then kept.</summary>
    public bool Afterwards { get; init; }

    /// <summary>Whether the instrument is in hand for it, though nothing is told of where it lay.</summary>
    public bool LaysOn { get; init; }

    /// <summary>For a drawing: whether it is made by eye, without the protractor.</summary>
    public bool ByEye { get; init; }

    /// <summary>Whether it may be left out.</summary>
    public bool Optional { get; init; }

    /// <summary>Smallest number that can be answered.</summary>
    public double Least { get; init; }

    /// <summary>Largest number that can be answered.</summary>
    public double Most { get; init; } = 360;
}

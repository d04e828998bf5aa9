using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Wording;

/// <summary>The letters at an angle's three points.</summary>
/// <param name="Vertex">The letter at the vertex.</param>
/// <param name="Start">The letter on the start arm.</param>
/// <param name="End">The letter on the end arm.</param>
public sealed record AngleNames(string Vertex, string Start, string End) : IValidatable
{
    /// <summary>The letters where nobody has chosen any.</summary>
    public static AngleNames Usual { get; } = new("K", "L", "M");

    /// <summary>The three-letter name, the vertex in the middle.</summary>
    public string Full => $"∠{Start}{Vertex}{End}";

    /// <summary>The start arm as a ray, named from its endpoint outward.</summary>
    public string StartRay => Vertex + Start;

    /// <summary>The end arm as a ray, named from its endpoint outward.</summary>
    public string EndRay => Vertex + End;

    /// <summary>The same letters told from the other arm.</summary>
    public AngleNames FromOtherArm => new(Vertex, End, Start);

    /// <inheritdoc/>
    public override string ToString() => Full;

    /// <summary>A letter that is not taken yet.</summary>
    internal string FreeLetter => FreeLetters.First(l => l != Vertex && l != Start && l != End);

    private static readonly string[] OtherLetters = ["P", "Q", "R", "S", "T", "U"];

    private static readonly string[] FreeLetters = ["N", "P", "S", "T"];

    /// <summary>Letters for another angle beside this one: none of them is taken.</summary>
    internal AngleNames Others
    {
        get
        {
            string[] free = [.. OtherLetters.Where(l => l != Vertex && l != Start && l != End)];
            return new AngleNames(free[0], free[1], free[2]);
        }
    }

    /// <summary>Requires three short, different letters.</summary>
    public void Validate(ValidationErrors errors)
    {
        errors.Text("vertex", Vertex, 1, 3);
        errors.Text("start", Start, 1, 3);
        errors.Text("end", End, 1, 3);
        if (Vertex == Start || Vertex == End || Start == End)
        {
            errors.Add("vertex", Text.Validation.Item.DifferentLetters);
        }
    }
}

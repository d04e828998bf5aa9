using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Wording;

/// <summary>
/// The words a class uses, each chosen from a short list. Every caption, question, hint and feedback sentence is made from
/// them.
/// </summary>
/// <param name="Arm">What a side of an angle is called.</param>
/// <param name="CentreMark">What the mark that goes on the vertex is called.</param>
/// <param name="ZeroLine">What the line through the two zeros is called.</param>
/// <param name="Straightedge">What lines are drawn with.</param>
/// <param name="StartingArm">How the arm that is lined up first is told from the other.</param>
/// <param name="Anticlockwise">The turn against the hands of a clock.</param>
/// <param name="InnerScale">What the inner one of two scales is called.</param>
/// <param name="OuterScale">What the outer one of two scales is called.</param>
public sealed record Words(
    string Arm = "arm",
    string CentreMark = "centre mark",
    string ZeroLine = "zero line",
    string Straightedge = "straightedge",
    string StartingArm = "starting",
    string Anticlockwise = "anticlockwise",
    string InnerScale = "inner",
    string OuterScale = "outer"
) : IValidatable
{
    /// <summary>The words used where a class has chosen none.</summary>
    public static Words Usual { get; } = new();

    /// <summary>What may be chosen for each word, by the name of the field; the usual one first.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<string>> Choices { get; } =
        new Dictionary<string, IReadOnlyList<string>>
        {
            ["arm"] = ["arm", "ray", "side"],
            ["centreMark"] = ["centre mark", "centre", "hole", "cross"],
            ["zeroLine"] = ["zero line", "baseline"],
            ["straightedge"] = ["straightedge", "ruler"],
            ["startingArm"] = ["starting", "first"],
            ["anticlockwise"] = ["anticlockwise", "counterclockwise"],
            ["innerScale"] = ["inner", "lower", "bottom"],
            ["outerScale"] = ["outer", "upper", "top"],
        };

    /// <summary>The words, by what they are for.</summary>
    internal IReadOnlyDictionary<string, string> ByUse =>
        new Dictionary<string, string>
        {
            ["arm"] = Arm,
            ["centreMark"] = CentreMark,
            ["zeroLine"] = ZeroLine,
            ["straightedge"] = Straightedge,
            ["startingArm"] = StartingArm,
            ["anticlockwise"] = Anticlockwise,
            ["innerScale"] = InnerScale,
            ["outerScale"] = OuterScale,
        };

    /// <summary>Requires every word to be one of its choices.</summary>
    public void Validate(ValidationErrors errors)
    {
        Among(errors, "arm", Arm);
        Among(errors, "centreMark", CentreMark);
        Among(errors, "zeroLine", ZeroLine);
        Among(errors, "straightedge", Straightedge);
        Among(errors, "startingArm", StartingArm);
        Among(errors, "anticlockwise", Anticlockwise);
        Among(errors, "innerScale", InnerScale);
        Among(errors, "outerScale", OuterScale);
    }

    private static void Among(ValidationErrors errors, string field, string word)
    {
        if (!Choices[field].Contains(word))
        {
            errors.Add(field, $"must be one of: {string.Join(", ", Choices[field])}.");
        }
    }
}

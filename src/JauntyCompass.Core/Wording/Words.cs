namespace JauntyCompass.Core.Wording;

/// <summary>The words a class uses. Every caption, hint and feedback sentence is made from them.</summary>
/// <param name="Arm">What a side of an angle is called.</param>
/// <param name="CentreMark">What the mark that goes on the vertex is called.</param>
/// <param name="ZeroLine">What the line through the two zeros is called.</param>
/// <param name="Straightedge">What lines are drawn with.</param>
public sealed record Words(string Arm, string CentreMark, string ZeroLine, string Straightedge)
{
    /// <summary>The words used where a class has chosen none.</summary>
    public static Words Usual { get; } = new("arm", "centre mark", "zero line", "straightedge");
}

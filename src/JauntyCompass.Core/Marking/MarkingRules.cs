using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking;

/// <summary>How strictly and in which words answers are marked.</summary>
/// <param name="Tolerance">
/// Degrees of error that are accepted, 0 to 10. The usual 2 is common practice, no source.
/// </param>
/// <param name="Say">How the class says things.</param>
public sealed record MarkingRules(double Tolerance, Speech Say) : IChecked
{
    /// <summary>Number of the marker whose marks this code makes.</summary>
    public const int Version = 2;

    /// <summary>Tolerance of two degrees, usual words.</summary>
    public static MarkingRules Usual { get; } = new(2, Speech.Usual);

    /// <summary>The class's words.</summary>
    public Words Words => Say.Words;

    /// <summary>Requires a tolerance in range.</summary>
    public void Check(Faults faults) => faults.Range("tolerance", Tolerance, 0, 10, "degrees");
}

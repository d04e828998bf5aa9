using JauntyCompass.Core.Marking;

namespace JauntyCompass.Core.Simulation;

/// <summary>A mistake that someone makes now and again.</summary>
/// <param name="Mistake">The mistake.</param>
/// <param name="Probability">How often it shows, 0 to 1.</param>
public sealed record Habit(Mistake Mistake, double Probability)
{
    /// <summary>A habit of making the mistake of a type.</summary>
    public static Habit Of<T>(double probability)
        where T : Mistake => new(MistakeCatalogue.Get<T>(), probability);
}

/// <summary>How steady a hand and eye are: standard deviations.</summary>
/// <param name="CentreMillimetres">Of laying the centre mark on the vertex, in mm along either axis.</param>
/// <param name="TurnDegrees">Of laying the zero line on the arm.</param>
/// <param name="EyeDegrees">Of reading a graduation or placing a dot.</param>
/// <param name="PencilMillimetres">Of every point of a drawn line, in mm.</param>
public sealed record Hand(
    double CentreMillimetres,
    double TurnDegrees,
    double EyeDegrees,
    double PencilMillimetres
)
{
    /// <summary>A careful ten-year-old. Common practice, no source.</summary>
    public static Hand Careful { get; } = new(0.35, 0.3, 0.4, 0.2);

    /// <summary>No noise at all, for tests.</summary>
    public static Hand Perfect { get; } = new(0, 0, 0, 0);
}

/// <summary>
/// A stand-in for a student, with known habits. It works with the instrument as a student would, by laying, reading and
/// drawing; what comes out is for the marker to explain. Its noise and its habits are code of their own, not the marker's.
/// </summary>
/// <param name="Name">A given name.</param>
/// <param name="Habits">What goes wrong now and again.</param>
/// <param name="Hand">How steady it is.</param>
public sealed record SimulatedStudent(string Name, IReadOnlyList<Habit> Habits, Hand Hand)
{
    /// <summary>How long an item takes them, in seconds.</summary>
    public double SecondsAnItem { get; init; } = 40;

    /// <summary>Whether the hinge of their compass is worn, so that its opening slips between two arcs.</summary>
    public bool HasWornCompass { get; init; }
}

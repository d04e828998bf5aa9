using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Simulation;

/// <summary>The invented class 6 Heron of Gullwing Quay, with the habits its students are known to have.</summary>
public static class DemoClass
{
    /// <summary>Name of the class.</summary>
    public const string Name = "6 Heron";

    /// <summary>The seed from which its sets and answers are made.</summary>
    public const int Seed = 61_806;

    /// <summary>Students who were away when the demonstration set was done.</summary>
    public static IReadOnlySet<string> Away { get; } = new HashSet<string> { "Greta", "Nils" };

    /// <summary>All students, by name.</summary>
    public static IReadOnlyList<SimulatedStudent> Students { get; } =
    [
        Student("Alma"),
        Student("Bram", Habit.Of<OtherScale>(0.8)),
        Student("Cleo"),
        Student("Dov", Habit.Of<TicksBackwards>(0.8)),
        Student("Edda", Habit.Of<OtherScale>(0.7)),
        Student("Finn"),
        Student("Greta"),
        Student("Hugo", Habit.Of<WrongTen>(0.4)),
        Student("Ines", Habit.Of<OtherScale>(0.75)),
        Student("Jory", Habit.Of<TicksBackwards>(0.75)),
        Student("Kit", Habit.Of<StraightEdgeForZeroLine>(0.85)),
        Student("Lior"),
        Student("Mara", Habit.Of<OtherScale>(0.6)),
        Student("Nils"),
        Student("Oona"),
        Student("Pip", Habit.Of<OtherScale>(0.7), Habit.Of<GapAtVertex>(0.4)),
        Student("Quill", Habit.Of<StraightEdgeForZeroLine>(0.8)),
        Student("Rosa", Habit.Of<MissedOwnDot>(0.6)),
        Student("Sven", Habit.Of<OtherScale>(0.65)),
        Student("Tove", Habit.Of<CentreMarkOff>(0.7)),
        Student("Una", Habit.Of<TicksBackwards>(0.7)),
        Student("Vida", Habit.Of<ArmTooShort>(1)),
        Student("Wren", Habit.Of<ZeroLineOff>(0.7)),
        Student("Yara", Habit.Of<OpensWrongWay>(1)),
    ];

    private static SimulatedStudent Student(string name, params Habit[] habits) =>
        new(name, habits, Hand.Careful);
}

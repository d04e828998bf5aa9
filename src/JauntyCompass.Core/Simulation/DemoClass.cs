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
        Student("Asha"),
        Student("Bram", ("other-scale", 0.8)),
        Student("Cleo"),
        Student("Dov", ("ticks-backwards", 0.8)),
        Student("Edda", ("other-scale", 0.7)),
        Student("Finn"),
        Student("Greta"),
        Student("Hugo", ("wrong-ten", 0.4)),
        Student("Ines", ("other-scale", 0.75)),
        Student("Jory", ("ticks-backwards", 0.75)),
        Student("Kit", ("straight-edge-for-zero-line", 0.85)),
        Student("Lior"),
        Student("Mara", ("other-scale", 0.6)),
        Student("Nils"),
        Student("Oona"),
        Student("Pip", ("other-scale", 0.7), ("gap-at-vertex", 0.4)),
        Student("Quill", ("straight-edge-for-zero-line", 0.8)),
        Student("Rosa", ("missed-own-dot", 0.6)),
        Student("Sven", ("other-scale", 0.65)),
        Student("Tove", ("centre-mark-off", 0.7)),
        Student("Una", ("ticks-backwards", 0.7)),
        Student("Vida", ("arm-too-short", 1)),
        Student("Wren", ("zero-line-off", 0.7)),
        Student("Yara", ("opens-wrong-way", 1)),
    ];

    private static SimulatedStudent Student(
        string name,
        params (string Mistake, double Probability)[] habits
    ) => new(name, [.. habits.Select(h => new Habit(h.Mistake, h.Probability))], Hand.Careful);
}

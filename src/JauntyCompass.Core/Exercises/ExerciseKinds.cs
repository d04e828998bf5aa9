using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Exercises.Kinds.Measure;

namespace JauntyCompass.Core.Exercises;

/// <summary>All kinds of exercise. A new kind is registered here and nowhere else.</summary>
public static class ExerciseKinds
{
    /// <summary>Every kind, in the order in which a teacher meets them.</summary>
    public static IReadOnlyList<ExerciseKind> All { get; } = [new MeasureKind(), new DrawKind()];

    /// <summary>Finds a kind by its key, or null.</summary>
    public static ExerciseKind? Find(string? key) => All.FirstOrDefault(k => k.Key == key);

    /// <summary>The kind of an item.</summary>
    public static ExerciseKind Of(Item item) => All.First(k => k.ItemType == item.GetType());

    /// <summary>The kind of a response.</summary>
    public static ExerciseKind Of(Response response) =>
        All.First(k => k.ResponseType == response.GetType());
}

using System.Text.Json;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>The items that a form has already, by all that is written of them.</summary>
internal sealed class ItemsThere
{
    private readonly HashSet<string> _written = [];

    internal void Add(Item item) => _written.Add(Written(item));

    internal bool Has(Item item) => _written.Contains(Written(item));

    private static string Written(Item item) =>
        JsonSerializer.Serialize(item, ExerciseJson.Options);
}

using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Files;

/// <summary>The JSON schemas of the product's files, made from the types that read and write them.</summary>
public static class Schemas
{
    private static readonly Dictionary<string, Type> Files = new()
    {
        ["instrument"] = typeof(InstrumentFile),
        ["specification"] = typeof(SpecificationFile),
        ["set"] = typeof(SetFile),
        ["answers"] = typeof(AnswersFile),
    };

    private static readonly JsonSchemaExporterOptions Exporting = new()
    {
        TransformSchemaNode = (context, schema) =>
            context.TypeInfo.Type == typeof(Measure) || context.TypeInfo.Type == typeof(Direction)
                ? new JsonObject { ["type"] = "number", ["description"] = "Degrees." }
            : context.TypeInfo.Type == typeof(Message) ? OfMessage()
            : schema,
    };

    private static JsonObject OfMessage() =>
        new()
        {
            ["type"] = "object",
            ["description"] = "Something that is said: the id of a message, with its arguments.",
            ["required"] = new JsonArray("id"),
            ["properties"] = new JsonObject
            {
                ["id"] = new JsonObject { ["type"] = "string" },
                ["arguments"] = new JsonObject { ["type"] = "object" },
            },
        };

    /// <summary>Names of the files that have a schema.</summary>
    public static IEnumerable<string> Names => Files.Keys;

    /// <summary>The schema of a file, or null where there is no such file.</summary>
    /// <param name="name">Such as <c>set</c>.</param>
    public static JsonNode? Of(string name)
    {
        if (!Files.TryGetValue(name, out Type? type))
        {
            return null;
        }
        JsonNode schema = ExerciseJson.Options.GetJsonSchemaAsNode(type, Exporting);
        var described = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = $"jaunty-{name}",
        };
        foreach ((string key, JsonNode? value) in schema.AsObject().ToArray())
        {
            described[key] = value?.DeepClone();
        }
        return described;
    }
}

using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace JauntyCompass.Core.Exercises;

/// <summary>
/// How the core's types are written as JSON: camel case, enumerations by name, items and responses told apart by
/// <c>kind</c>. The same for storage, for the web interface and for files.
/// </summary>
public static class ExerciseJson
{
    /// <summary>The options, frozen.</summary>
    public static JsonSerializerOptions Options { get; } = Make();

    /// <summary>Makes any options follow the same conventions.</summary>
    public static void Apply(JsonSerializerOptions options)
    {
        options.PropertyNamingPolicy = JsonNamingPolicy.CamelCase;
        options.NumberHandling = JsonNumberHandling.Strict;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.AllowOutOfOrderMetadataProperties = true;
        options.Converters.Add(
            new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false)
        );
        options.TypeInfoResolver = new DefaultJsonTypeInfoResolver
        {
            Modifiers = { WriteNothingTwice, AddKinds },
        };
    }

    private static JsonSerializerOptions Make()
    {
        var options = new JsonSerializerOptions(JsonSerializerDefaults.Web);
        Apply(options);
        options.MakeReadOnly();
        return options;
    }

    // What follows from the rest is not written: a reader could not tell which of the two to believe.
    private static void WriteNothingTwice(JsonTypeInfo type)
    {
        if (
            type.Kind != JsonTypeInfoKind.Object
            || type.Type.Assembly != typeof(ExerciseJson).Assembly
        )
        {
            return;
        }
        for (int i = type.Properties.Count - 1; i >= 0; i--)
        {
            if (type.Properties[i].Set is null && type.Properties[i].AssociatedParameter is null)
            {
                type.Properties.RemoveAt(i);
            }
        }
    }

    private static void AddKinds(JsonTypeInfo type)
    {
        if (type.Type != typeof(Item) && type.Type != typeof(Response))
        {
            return;
        }
        type.PolymorphismOptions = new JsonPolymorphismOptions
        {
            TypeDiscriminatorPropertyName = "kind",
            UnknownDerivedTypeHandling = JsonUnknownDerivedTypeHandling.FailSerialization,
        };
        foreach (ExerciseKind kind in ExerciseKinds.All)
        {
            Type derived = type.Type == typeof(Item) ? kind.ItemType : kind.ResponseType;
            type.PolymorphismOptions.DerivedTypes.Add(new JsonDerivedType(derived, kind.Key));
        }
    }
}

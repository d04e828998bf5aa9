using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Locales;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace JauntyCompass.Server.Api;

/// <summary>Describes the interface as an OpenAPI document.</summary>
public static class OpenApiSetup
{
    public const string DocumentName = "v1";

    /// <summary>It never changes while the program runs, and takes a quarter of a second to make.</summary>
    public const string CachePolicy = "description";

    public static void AddDescription(this IServiceCollection services) =>
        services.AddOpenApi(
            DocumentName,
            options =>
            {
                options.AddDocumentTransformer(
                    (document, _, _) =>
                    {
                        document.Info = new OpenApiInfo
                        {
                            Title = "Jaunty Compass",
                            Version = "v1",
                            Description =
                                "Angles measured and drawn with a protractor. Lengths are millimetres on the sheet, x to the right and y up; "
                                + "angles are degrees; directions are anticlockwise from +x. Calculations need no account. "
                                + "Every error is problem details (RFC 9457); fields that are not as they must be are named in errors.",
                            License = new OpenApiLicense { Name = "MIT", Identifier = "MIT" },
                        };
                        // The address is whatever the reader asked; a fixed one would be wrong elsewhere.
                        document.Servers = [];
                        RequireKind(document);
                        return Task.CompletedTask;
                    }
                );
                options.AddSchemaTransformer(DescribeOwnForms);
                options.AddOperationTransformer(AddExample);
                options.AddOperationTransformer(DescribeParameters);
            }
        );

    // What tells kinds of items and responses apart is always written and must always be sent.
    private static void RequireKind(OpenApiDocument document)
    {
        foreach (IOpenApiSchema schema in document.Components?.Schemas?.Values ?? [])
        {
            if (
                schema is OpenApiSchema { Properties: { } properties } own
                && properties.TryGetValue("kind", out IOpenApiSchema? kind)
                && kind.Enum?.Count == 1
            )
            {
                (own.Required ??= new HashSet<string>()).Add("kind");
            }
        }
    }

    private static Task DescribeOwnForms(
        OpenApiSchema schema,
        OpenApiSchemaTransformerContext context,
        CancellationToken cancellation
    )
    {
        Type type =
            Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
        if (type == typeof(Measure))
        {
            (schema.Type, schema.Format, schema.Minimum, schema.Maximum) = (
                JsonSchemaType.Number,
                "double",
                "0",
                "360"
            );
            schema.Description = "The measure of an angle, in degrees.";
        }
        else if (type == typeof(Direction))
        {
            (schema.Type, schema.Format, schema.Minimum, schema.Maximum) = (
                JsonSchemaType.Number,
                "double",
                "-36000",
                "36000"
            );
            schema.Description =
                "A direction in degrees anticlockwise from +x; answered in [0, 360).";
        }
        else if (type == typeof(LinearExpression))
        {
            (schema.Type, schema.Description) = (JsonSchemaType.String, "An expression: 3x + 2.");
        }
        else if (type == typeof(Message))
        {
            schema.Type = JsonSchemaType.Object;
            schema.Description =
                "Something that is said: the id of a message in the catalogues, with its arguments.";
            schema.Properties = new Dictionary<string, IOpenApiSchema>
            {
                ["id"] = new OpenApiSchema { Type = JsonSchemaType.String },
                ["arguments"] = new OpenApiSchema
                {
                    Type = JsonSchemaType.Object,
                    AdditionalProperties = new OpenApiSchema(),
                },
                ["text"] = new OpenApiSchema
                {
                    Type = JsonSchemaType.String,
                    ReadOnly = true,
                    Description = "Its text, in the language of Accept-Language.",
                },
            };
            schema.Required = new HashSet<string> { "id", "text" };
        }
        else if (context.JsonTypeInfo.ElementType == typeof(Message) && schema.Items is null)
        {
            // A converter of our own hides from the description what a list of them is made of.
            schema.Items = new OpenApiSchemaReference(nameof(Message), context.Document);
        }
        else if (context.JsonTypeInfo.ElementType == typeof(LinearExpression))
        {
            schema.Items = new OpenApiSchema { Type = JsonSchemaType.String };
        }
        return Task.CompletedTask;
    }

    // The same name means the same at every address.
    private static readonly Dictionary<string, string> Parameters = new()
    {
        ["assignmentId"] = "Id of the assignment: a set given to a class.",
        ["classId"] = "Id of the class.",
        ["studentId"] = "Id of the student; where it may be left out: whoever is signed in.",
        ["setId"] = "Id of the set.",
        ["instrumentId"] = "Id of the instrument in the teacher's cabinet.",
        ["orderId"] = "Id of the running order.",
        ["teacherId"] = "Id of the teacher.",
        ["heir"] = "Id of the teacher who gets classes and sets; left out: they are deleted.",
        ["index"] = "Place of the item in its set, from 0.",
        ["number"] =
            $"Which of the items like it, 1 to {Twins.Most}; the same number gives the same item again.",
        ["after"] =
            "The try, from 1, whose mistake is to show again; left out: as the set was wished.",
        ["name"] = "Name of the schema: instrument, specification, set or answers.",
    };

    private static Task DescribeParameters(
        OpenApiOperation operation,
        OpenApiOperationTransformerContext context,
        CancellationToken cancellation
    )
    {
        foreach (
            OpenApiParameter parameter in operation.Parameters?.OfType<OpenApiParameter>() ?? []
        )
        {
            parameter.Description = Parameters[parameter.Name!];
        }
        return Task.CompletedTask;
    }

    private static Task AddExample(
        OpenApiOperation operation,
        OpenApiOperationTransformerContext context,
        CancellationToken cancellation
    )
    {
        RequestExample? example = context
            .Description.ActionDescriptor.EndpointMetadata.OfType<RequestExample>()
            .FirstOrDefault();
        if (
            example is not null
            && operation.RequestBody?.Content?.TryGetValue(
                "application/json",
                out OpenApiMediaType? body
            ) == true
        )
        {
            body.Example = example.Body.DeepClone();
        }
        return Task.CompletedTask;
    }
}

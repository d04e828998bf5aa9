using System.Text.Json;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Server.Api;

/// <summary>An example of a request body, shown in the OpenAPI document.</summary>
public sealed record RequestExample(JsonNode Body);

/// <summary>The examples that several endpoints share.</summary>
public static class Examples
{
    /// <summary>64°, opening anticlockwise from a level arm.</summary>
    public static Angle Angle { get; } =
        new(
            new Point(0, -45),
            new Direction(0),
            new Measure(64),
            TurnDirection.Anticlockwise,
            85,
            60
        );

    /// <summary>Laid well, but for a degree.</summary>
    public static Placement Placement { get; } = new(new Point(0, -45), new Direction(1));

    public static string Instrument => InstrumentCatalogue.DeskHalfCircle.Id;

    public static SetSpecification Specification { get; } =
        new([new KindCount("measure", 3), new KindCount("draw", 2)], Theme: Theme.Harbour);

    public static Item Item { get; } = SetGenerator.Generate(Specification, seed: 7).Items[0].Item;

    public static Response Response { get; } = new MeasureResponse(116, AngleKind.Acute);

    /// <summary>Adds an example of its request body to an endpoint.</summary>
    public static RouteHandlerBuilder WithExample<T>(this RouteHandlerBuilder endpoint, T body) =>
        endpoint.WithMetadata(
            new RequestExample(JsonSerializer.SerializeToNode(body, ExerciseJson.Options)!)
        );
}

using System.Text.Json.Nodes;

namespace JauntyCompass.Server.Tests;

/// <summary>Measures on the sheet what a student's device is told: lines, no degrees.</summary>
public static class Seen
{
    /// <summary>An angle of an item, as whoever lays a perfect protractor on would tell it.</summary>
    public static JsonObject Angle(JsonNode item, int figure = 0) => Of(item["figures"]![figure]!);

    /// <summary>The measure of an item's angle, to the nearest tenth of a degree.</summary>
    public static double Measure(JsonNode item, int figure = 0) =>
        Angle(item, figure)["measure"]!.GetValue<double>();

    private static JsonObject Of(JsonNode figure)
    {
        (double x, double y) vertex = At(figure["vertex"]!);
        double start = Direction(vertex, At(figure["startTip"]!));
        double end = Direction(vertex, At(figure["endTip"]!));
        string opening = figure["opening"]!.GetValue<string>();
        double turn = opening == "anticlockwise" ? end - start : start - end;
        return new JsonObject
        {
            ["vertex"] = figure["vertex"]!.DeepClone(),
            ["start"] = start,
            ["measure"] = figure["wholeTurn"]!.GetValue<bool>()
                ? 360
                : Math.Round((turn + 720) % 360, 1),
            ["opening"] = opening,
        };
    }

    private static (double, double) At(JsonNode point) =>
        (point["x"]!.GetValue<double>(), point["y"]!.GetValue<double>());

    private static double Direction((double X, double Y) from, (double X, double Y) to) =>
        (Math.Atan2(to.Y - from.Y, to.X - from.X) * 180 / Math.PI + 360) % 360;
}

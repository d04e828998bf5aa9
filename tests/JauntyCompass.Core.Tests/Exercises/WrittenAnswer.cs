using System.Text.Json;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Writes answers as a page does, through nothing but what an item asks: a field of JSON for each ask.</summary>
internal static class WrittenAnswer
{
    private static readonly SimulatedStudent Perfect = new("Ada", [], Hand.Perfect);

    /// <summary>Everything right but one step, at which an answer of a mistake is written; where anything lay is not told.</summary>
    internal static Response Of(Item item, AnsweredStep step, Answer answer)
    {
        ExerciseKind kind = ExerciseKinds.Of(item);
        JsonObject json = Json(kind.Attempt(item, Perfect, new SeededRandom(1)));
        foreach (string field in json.Select(p => p.Key).ToList())
        {
            if (field.EndsWith("lacement", StringComparison.Ordinal))
            {
                json[field] = null;
            }
        }
        ItemView view = kind.Present(item, HouseRules.Usual);
        switch (step.Key)
        {
            case not "drawing" when step is DrawingStep corner:
                DrawAt(json, corner.Context.Angle, answer.Degrees!.Value);
                break;
            case "drawing":
                Draw(json, view, IsTurnedBack(step, view), answer.Degrees!.Value);
                break;
            case "arc":
                json["arc"] = Point(InTheOtherOpening(view.Drawing!));
                break;
            default:
                Ask ask = view.Asks.Single(a => a.Field == FieldOf(step, kind));
                json[ask.Field] = Value(ask, answer);
                break;
        }
        return Read(json);
    }

    internal static Response Read(JsonObject json) =>
        json.Deserialize<Response>(ExerciseJson.Options)!;

    internal static JsonObject Json(Response response) =>
        JsonSerializer.SerializeToNode(response, ExerciseJson.Options)!.AsObject();

    private static string FieldOf(AnsweredStep step, ExerciseKind kind) =>
        step.Key switch
        {
            "benchmark" => "nearest",
            "by-eye" => "byEye",
            "kind" => kind.Key == "which-kind" ? "said" : "kindSaid",
            _ => step.Key,
        };

    private static JsonValue Value(Ask ask, Answer answer) =>
        ask.Type switch
        {
            AskType.Choice => JsonValue.Create(
                ask.Options.First(o =>
                    o.Text.Equals(answer.Text) || o.Key == answer.Text.Said()
                ).Key
            ),
            AskType.Text or AskType.Equation or AskType.ExactNumber => JsonValue.Create(
                answer.Text.Said()
            ),
            AskType.Count => JsonValue.Create(
                (int)(answer.Degrees ?? int.Parse(answer.Text.Said(), null))
            ),
            AskType.Length => JsonValue.Create(((Length)answer).Millimetres),
            _ => JsonValue.Create(answer.Degrees!.Value),
        };

    // What an instrument draws of a reflex angle is the smaller one, on the other side of the ray.
    private static bool IsTurnedBack(AnsweredStep step, ItemView view) =>
        ((DrawingStep)step).Context.Angle.Opening != view.Drawing!.Opening;

    private static void Draw(JsonObject json, ItemView view, bool back, double degrees)
    {
        DrawingTask task = view.Drawing!;
        Point vertex = task.BaseRay!.Vertex;
        Direction ray = task.BaseRay.Direction.Turned(
            task.Opening.Sign() * (back ? degrees - 360 : degrees)
        );
        double rim = view.InHand!.EdgeRadius;
        json["strokes"] = new JsonArray(
            new JsonObject
            {
                ["points"] = new JsonArray(Point(vertex), Point(vertex.Towards(ray, rim + 15))),
            }
        );
        json["dots"] = new JsonArray(Point(vertex.Towards(ray, rim + 1)));
    }

    // Of several angles one: what begins at its vertex is drawn otherwise.
    private static void DrawAt(JsonObject json, Angle asked, double degrees)
    {
        Direction ray = asked.Start.Turned(asked.Opening.Sign() * degrees);
        JsonArray strokes = json["strokes"]!.AsArray();
        JsonNode old = strokes.Single(s =>
            s!["points"]![0].Deserialize<Point>(ExerciseJson.Options).DistanceTo(asked.Vertex) < 1
        )!;
        strokes.Remove(old);
        strokes.Add(
            new JsonObject
            {
                ["points"] = new JsonArray(
                    Point(asked.Vertex),
                    Point(asked.Vertex.Towards(ray, asked.EndLength))
                ),
            }
        );
        json["dots"] = new JsonArray();
    }

    private static Point InTheOtherOpening(DrawingTask task) =>
        task.BaseRay!.Vertex.Towards(task.BaseRay.Direction.Turned(-task.Opening.Sign() * 4), 14);

    private static JsonObject Point(Point point) => new() { ["x"] = point.X, ["y"] = point.Y };
}

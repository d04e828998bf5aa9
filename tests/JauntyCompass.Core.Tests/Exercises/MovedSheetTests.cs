using System.Text.Json;
using System.Text.Json.Nodes;
using FsCheck.Fluent;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Tests.Marking;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>
/// Items of every kind, worked with every habit that it can show: a sheet that is turned, pushed or seen from behind with all that
/// lies on it gets the same mark and the same cause. What is moved is found in the JSON, so that no kind is forgotten.
/// </summary>
public class MovedSheetTests
{
    public static TheoryData<string> Kinds => [.. ExerciseKinds.All.Select(k => k.Key)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void The_same_work_on_a_moved_sheet_gets_the_same_mark_and_cause(string key)
    {
        ExerciseKind kind = ExerciseKinds.Find(key)!;
        int wrong = 0;
        IReadOnlyList<Protractor> instruments = KindTrial.InstrumentsFor(key);
        for (int seed = 0; seed < 3 * instruments.Count; seed++)
        {
            Protractor instrument = instruments[seed % instruments.Count];
            var spec = new SetSpecification(
                [new KindCount(key, 1)],
                Tilt: Tilt.Mixed,
                Arms: ArmLengths.Mixed,
                Instrument: instrument.Id
            );
            Item item = SetGenerator.Generate(spec, seed).Items[0].Item;
            foreach (Mistake mistake in kind.Mistakes)
            {
                var random = new SeededRandom(seed);
                var student = new SimulatedStudent("Bo", [new Habit(mistake, 1)], Hand.Careful);
                Response response = kind.Attempt(item, student, random);
                Mark mark = kind.Mark(item, response, MarkingRules.Usual);
                wrong += mark.Verdict == Verdict.Accepted ? 0 : 1;
                SymmetryTests.Motion motion = SomeMotion(key, random);
                string told = $"{mistake.Key} at “{item.Prompt}” with {instrument.Id}, {motion}";
                Mark moved = kind.Mark(
                    Moved(item, motion),
                    Moved(response, motion),
                    MarkingRules.Usual
                );
                moved.Verdict.ShouldBe(mark.Verdict, told);
                moved.LikelyCause.ShouldBe(mark.LikelyCause, told);
                moved.Feedback.ShouldBe(mark.Feedback, told);
                (moved.Value ?? -1).ShouldBe(mark.Value ?? -1, 1e-6, told);
            }
        }
        wrong.ShouldBeGreaterThan(5);
    }

    // Whether a right angle lies level is what deciding the kind is about, so there nothing is turned.
    // The corners of a figure are listed anticlockwise: seen from behind it would be another figure.
    private static SymmetryTests.Motion SomeMotion(string kind, SeededRandom random) =>
        new(
            kind == "which-kind" ? 0 : random.Between(0, 359),
            random.Between(-60, 60),
            random.Between(-60, 60),
            kind != "figure-angles" && random.Chance(0.5)
        );

    private static Item Moved(Item item, SymmetryTests.Motion motion) => Moved<Item>(item, motion);

    private static Response Moved(Response response, SymmetryTests.Motion motion) =>
        Moved<Response>(response, motion);

    private static T Moved<T>(T thing, SymmetryTests.Motion motion)
    {
        JsonNode json = JsonSerializer.SerializeToNode(thing, ExerciseJson.Options)!;
        return Moved(json, motion)!.Deserialize<T>(ExerciseJson.Options)!;
    }

    private static JsonNode? Moved(JsonNode? node, SymmetryTests.Motion motion)
    {
        switch (node)
        {
            case JsonArray array:
                return new JsonArray([.. array.Select(n => Moved(n, motion))]);
            case JsonObject point when point.Count == 2 && point.ContainsKey("x"):
                return Json(motion.Of(point.Deserialize<Point>(ExerciseJson.Options)));
            case JsonObject laid when laid.ContainsKey("turnedOver"):
                return Json(motion.Of(laid.Deserialize<Placement>(ExerciseJson.Options)));
            case JsonObject whole:
                var moved = new JsonObject();
                foreach ((string name, JsonNode? value) in whole)
                {
                    moved[name] = name switch
                    {
                        "instrument" => value?.DeepClone(),
                        "start" or "direction" when value?.GetValueKind() == JsonValueKind.Number =>
                            Json(motion.Of(value.Deserialize<Direction>(ExerciseJson.Options))),
                        "opening" => Json(
                            motion.Of(value!.Deserialize<TurnDirection>(ExerciseJson.Options))
                        ),
                        _ => Moved(value, motion),
                    };
                }
                return moved;
            default:
                return node?.DeepClone();
        }
    }

    private static JsonNode Json<T>(T value) =>
        JsonSerializer.SerializeToNode(value, ExerciseJson.Options)!;
}

using System.Diagnostics;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.SimulatedClass;

/// <summary>One student at the Bench: joins, works a set, hands in item by item at their own speed.</summary>
/// <param name="student">Who it is.</param>
/// <param name="classId">Id of their class.</param>
/// <param name="door">Their browser.</param>
/// <param name="random">Their chance.</param>
internal sealed class Sitting(
    SimulatedStudent student,
    string classId,
    Door door,
    SeededRandom random
)
{
    /// <summary>Milliseconds from handing in to the mark, one an answer of the set that is open.</summary>
    internal List<double> Waited { get; } = [];

    internal SimulatedStudent Student => student;

    internal string ClassId => classId;

    /// <summary>Id of the assignment that is open.</summary>
    internal string Assignment { get; private set; } = "";

    internal Task JoinAsync(string classCode, string pin) =>
        door.EnterAsync(
            new
            {
                classCode,
                givenName = student.Name,
                pin,
            }
        );

    // What is handed in, item by item. Worked out before the clock runs: thinking is not what takes the server's time.
    private byte[][] _work = [];

    /// <summary>Opens a set and works it.</summary>
    /// <param name="assignment">Id of the assignment.</param>
    /// <param name="forms">The forms of the set; the student's own is the one that looks as the sheets do.</param>
    internal async Task OpenAsync(string assignment, IReadOnlyList<IReadOnlyList<Item>> forms)
    {
        Assignment = assignment;
        Waited.Clear();
        JsonNode bench = await door.GetAsync($"bench/assignments/{assignment}");
        string[] prompts =
        [
            .. bench["items"]!
                .AsArray()
                .Select(i => i!["view"]!["prompt"]!["text"]!.GetValue<string>()),
        ];
        IReadOnlyList<Item> items = forms.First(f =>
            f.Count == prompts.Length
            && f.Zip(prompts).All(p => Phrasing.Usual.Say(p.First.Prompt) == p.Second)
        );
        _work = [.. items.Select((item, i) => Door.Written(HandedIn.Of(item, i, student, random)))];
    }

    /// <summary>Hands in item by item what the set that is open was worked to.</summary>
    /// <param name="hurry">How many times faster than a student; 0: without a pause.</param>
    internal async Task WorkAsync(double hurry)
    {
        await PauseAsync(hurry, random.Share());
        foreach (byte[] answer in _work)
        {
            var begin = Stopwatch.StartNew();
            await door.PostAsync($"bench/assignments/{Assignment}/answers", answer);
            Waited.Add(begin.Elapsed.TotalMilliseconds);
            await PauseAsync(hurry, 0.5 + random.Share());
        }
    }

    private sealed record HandedIn(Guid Id, int ItemIndex, Response Response)
    {
        internal static HandedIn Of(
            Item item,
            int index,
            SimulatedStudent student,
            SeededRandom random
        ) => new(Guid.NewGuid(), index, ExerciseKinds.Of(item).Attempt(item, student, random));
    }

    private Task PauseAsync(double hurry, double share) =>
        hurry > 0
            ? Task.Delay(TimeSpan.FromSeconds(student.SecondsAnItem * share / hurry))
            : Task.CompletedTask;
}

using System.Diagnostics;
using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Randomness;
using JauntyCompass.SimulatedClass;

if (Options.Of(args) is not { } options)
{
    await Console.Error.WriteLineAsync(Options.Usage);
    return 2;
}
try
{
    using var teacher = new Door(options.Address, "session");
    await teacher.EnterAsync(new { userName = options.UserName, password = options.Password });
    JsonNode set = await teacher.PostAsync(
        "sets",
        new
        {
            title = "For the simulated class",
            specification = new SetSpecification([
                .. options.Kinds.Select(k => new KindCount(k.Kind, k.Count)),
            ]),
            seed = options.Seed,
        }
    );
    string setId = set["id"]!.GetValue<string>();
    SetFile file = (await teacher.GetAsync($"sets/{setId}/file")).Deserialize<SetFile>(
        ExerciseJson.Options
    )!;

    var sittings = new List<Sitting>();
    foreach (var group in Roll.Classes(options.Students, options.Seed))
    {
        JsonNode made = await teacher.PostAsync("classes", new { name = "Simulated" });
        string classId = made["id"]!.GetValue<string>();
        foreach (var student in group)
        {
            JsonNode added = await teacher.PostAsync(
                $"classes/{classId}/students",
                new { givenName = student.Name }
            );
            var sitting = new Sitting(
                student,
                classId,
                new Door(options.Address, "bench/session"),
                new SeededRandom(options.Seed, stream: 100 + sittings.Count)
            );
            await sitting.JoinAsync(
                made["code"]!.GetValue<string>(),
                added["pin"]!.GetValue<string>()
            );
            sittings.Add(sitting);
        }
    }
    foreach (double hurry in options.Hurry)
    {
        await RoundAsync(teacher, setId, file, sittings, hurry);
    }
    return 0;
}
catch (HttpRequestException refused)
{
    await Console.Error.WriteLineAsync(
        string.Create(CultureInfo.InvariantCulture, $"simulated class: {refused.Message}")
    );
    return 1;
}

// One round: the set is given to every class, all open it, all work through it.
static async Task RoundAsync(
    Door teacher,
    string setId,
    SetFile file,
    List<Sitting> sittings,
    double hurry
)
{
    var given = new Dictionary<string, string>();
    foreach (string classId in sittings.Select(s => s.ClassId).Distinct())
    {
        JsonNode assignment = await teacher.PostAsync("assignments", new { setId, classId });
        given[classId] = assignment["id"]!.GetValue<string>();
    }
    // The bell rings: all open the set at the same moment, and only then begin to work.
    var opening = Stopwatch.StartNew();
    await Task.WhenAll(
        sittings.Select(s => s.OpenAsync(given[s.ClassId], [file.Items, .. file.Forms]))
    );
    await Console.Out.WriteLineAsync(
        string.Create(
            CultureInfo.InvariantCulture,
            $"all {sittings.Count} opened the set within {opening.Elapsed.TotalMilliseconds:0} ms"
        )
    );
    var begin = Stopwatch.StartNew();
    await Task.WhenAll(sittings.Select(s => s.WorkAsync(hurry)));
    await Report.WriteAsync(teacher, sittings, begin.Elapsed, Console.Out);
}

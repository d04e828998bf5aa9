using System.Globalization;
using System.Text.Json.Nodes;

namespace JauntyCompass.SimulatedClass;

/// <summary>What came of it: how long answers took, and whether the habits that the students have were named.</summary>
internal static class Report
{
    internal static async Task WriteAsync(
        Door teacher,
        IReadOnlyList<Sitting> sittings,
        TimeSpan took,
        TextWriter output
    )
    {
        double[] waited = [.. sittings.SelectMany(s => s.Waited).Order()];
        await output.WriteLineAsync(
            Line(
                $"{sittings.Count} students, {waited.Length} answers in {took.TotalSeconds:0.0} s, {waited.Length / took.TotalSeconds:0} a second: median {At(waited, 0.5):0.0} ms, 99th percentile {At(waited, 0.99):0.0} ms"
            )
        );
        (int one, int found, int none, int accused) = (0, 0, 0, 0);
        foreach (var group in sittings.GroupBy(s => s.Assignment))
        {
            JsonNode results = await teacher.GetAsync($"assignments/{group.Key}/results");
            Dictionary<string, string[]> named = results["students"]!
                .AsArray()
                .ToDictionary(s => s!["givenName"]!.GetValue<string>(), Named);
            foreach (Sitting sitting in group)
            {
                string[] stated = named[sitting.Student.Name];
                string[] habits = [.. sitting.Student.Habits.Select(h => h.Mistake.Key)];
                one += habits.Length == 1 ? 1 : 0;
                found += habits.Length == 1 && stated.SequenceEqual(habits) ? 1 : 0;
                none += habits.Length == 0 ? 1 : 0;
                accused += habits.Length == 0 && stated.Length > 0 ? 1 : 0;
            }
        }
        await output.WriteLineAsync(
            Line(
                $"one habit: {found} of {one} named and nothing else; no habit: {accused} of {none} accused of one"
            )
        );
    }

    private static string[] Named(JsonNode? student) =>
        [
            .. student!["habits"]!
                .AsArray()
                .Where(h => h!["named"]!.GetValue<bool>())
                .Select(h => h!["mistake"]!.GetValue<string>()),
        ];

    private static double At(double[] sorted, double share) =>
        sorted.Length == 0 ? 0 : sorted[Math.Min(sorted.Length - 1, (int)(share * sorted.Length))];

    private static string Line(FormattableString text) =>
        text.ToString(CultureInfo.InvariantCulture);
}

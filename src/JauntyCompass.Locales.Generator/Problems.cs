using System.Globalization;

namespace JauntyCompass.Locales.Generator;

/// <summary>What is wrong with the catalogues, told as the build tells of errors.</summary>
internal sealed class Problems
{
    private readonly List<string> _found = [];

    /// <summary>Whether there are any.</summary>
    internal bool Any => _found.Count > 0;

    /// <summary>Adds one.</summary>
    /// <param name="file">The file.</param>
    /// <param name="key">The property at which it is, or null.</param>
    /// <param name="problem">What is wrong.</param>
    internal void Add(string file, string? key, string problem)
    {
        int line = key is null ? 1 : LineOf(file, key);
        _found.Add(
            string.Create(CultureInfo.InvariantCulture, $"{file}({line}): error LOCALES: {problem}")
        );
    }

    /// <summary>Prints them.</summary>
    internal void Print(TextWriter output)
    {
        foreach (string problem in _found)
        {
            output.WriteLine(problem);
        }
    }

    private static int LineOf(string file, string key)
    {
        string[] lines = File.Exists(file) ? File.ReadAllLines(file) : [];
        int line = Array.FindIndex(lines, l => l.Contains($"\"{key}\"", StringComparison.Ordinal));
        return Math.Max(0, line) + 1;
    }
}

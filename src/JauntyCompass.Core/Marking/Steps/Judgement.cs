namespace JauntyCompass.Core.Marking.Steps;

/// <summary>What became of one step of an answer.</summary>
/// <param name="Verdict">Accepted, near, or not yet.</param>
/// <param name="Feedback">What is told about it.</param>
public sealed record Judgement(Verdict Verdict, Feedback Feedback)
{
    /// <summary>What the step comes to, in degrees; null when it gives none.</summary>
    public double? Value { get; init; }

    /// <summary>Value minus the truth, in degrees; null without a value.</summary>
    public double? Error { get; init; }

    /// <summary>The error by its parts; null without a value.</summary>
    public ErrorParts? Parts { get; init; }

    /// <summary>Possible causes, likeliest first; empty for an accepted step.</summary>
    public IReadOnlyList<Cause> Causes { get; init; } = [];

    /// <summary>Key of the cause that is named, <c>not-explained</c>, or null.</summary>
    public string? LikelyCause { get; init; }

    /// <summary>A picture of what happened, or null.</summary>
    public MarkPicture? Picture { get; init; }
}

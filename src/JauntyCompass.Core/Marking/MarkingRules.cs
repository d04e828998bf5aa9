using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Marking;

/// <summary>How strictly answers are marked.</summary>
/// <param name="Tolerance">
/// Degrees of error that are accepted, 0 to 10. The usual 2 is common practice, no source.
/// </param>
public sealed record MarkingRules(double Tolerance) : IValidatable
{
    /// <summary>Number of the marker whose marks this code makes.</summary>
    public const int Version = 10;

    /// <summary>A step that is near gets this share of its credit. Common practice, no source.</summary>
    public const double CreditOfNear = 0.5;

    /// <summary>Tolerance of two degrees.</summary>
    public static MarkingRules Usual { get; } = new(2);

    /// <summary>What is known of the student from earlier answers.</summary>
    public Beliefs History { get; init; } = Beliefs.None;

    /// <summary>Weights of steps that the teacher sets, by the key of the step.</summary>
    public IReadOnlyDictionary<string, double>? Weights { get; init; }

    /// <summary>How much a step counts.</summary>
    internal double WeightOf(AnsweredStep step) =>
        Weights is not null && Weights.TryGetValue(step.Key, out double weight)
            ? weight
            : step.Weight;

    /// <summary>Requires a tolerance and weights in range.</summary>
    public void Validate(ValidationErrors errors)
    {
        errors.Range("tolerance", Tolerance, 0, 10, Unit.Degrees);
        foreach ((string step, double weight) in Weights ?? new Dictionary<string, double>())
        {
            errors.Range($"weights.{step}", weight, 0, 10);
        }
    }
}

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>
/// What a student says before the number, where the house rules have it so: the kind and an estimate. Each earns credit and is
/// told about, and decides nothing; what was not said is not held against anyone.
/// </summary>
public static class SaidFirst
{
    private const double Half = 0.5;

    /// <summary>The mistakes that show in it.</summary>
    public static IReadOnlyList<Mistake> Mistakes { get; } =
    [MistakeCatalogue.Get<KindAgainstNumber>()];

    /// <summary>Requires a kind that there is, and an estimate of 0 to 360 degrees, where they are given.</summary>
    internal static void Validate(
        ValidationErrors errors,
        AngleKind? kindSaid,
        double? estimate = null
    )
    {
        if (kindSaid is AngleKind kind)
        {
            errors.Known("kindSaid", kind);
        }
        errors.Range("estimate", estimate ?? 0, 0, 360, Unit.Degrees);
    }

    /// <summary>The steps of what was said.</summary>
    /// <param name="truth">The true measure.</param>
    /// <param name="kind">The kind that was said, or null.</param>
    /// <param name="estimate">The estimate, in degrees, or null.</param>
    /// <param name="reading">The number that was written, in degrees; null where none is.</param>
    public static IEnumerable<AnsweredStep> Steps(
        Measure truth,
        AngleKind? kind,
        double? estimate,
        double? reading
    )
    {
        if (estimate is double guess)
        {
            yield return new EstimateStep(truth.Degrees, guess) { Decides = false, Weight = Half };
        }
        if (kind is AngleKind said)
        {
            yield return new KindSaidStep(truth.Kind, said, reading)
            {
                Decides = false,
                Weight = Half,
            };
        }
    }
}

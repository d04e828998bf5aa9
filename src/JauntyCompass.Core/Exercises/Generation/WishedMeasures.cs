using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>The measures that items of a kind may have, by what is wished for.</summary>
internal static class WishedMeasures
{
    // What is asked of angles does not bind a kind that is not about its measure: where none is left, any will do.
    internal static List<int> Of(KindFacts facts, SetSpecification specification)
    {
        List<int> wished = [.. Measures(facts, specification)];
        return wished.Count > 0 || facts.IsMeasured
            ? wished
            :
            [
                .. Measures(
                    facts,
                    specification with
                    {
                        From = 1,
                        To = 359,
                        Step = MeasureStep.Any,
                        AngleKinds = null,
                    }
                ),
            ];
    }

    private static IEnumerable<int> Measures(KindFacts facts, SetSpecification specification)
    {
        int step = specification.Step switch
        {
            MeasureStep.Tens => 10,
            MeasureStep.Fives => 5,
            _ => 1,
        };
        int least = Math.Max(facts.LeastMeasure, specification.From);
        int most = Math.Min(facts.MostMeasure, specification.To);
        if (specification.BaseRays != BaseRays.Given && facts.OnEmptySheet is { } room)
        {
            (least, most) = (Math.Max(least, room.Least), Math.Min(most, room.Most));
        }
        // A range up to the straight angle says nothing of reflex ones: a kind that only has those takes what is left of a turn.
        if (facts.LeastMeasure > 180 && specification.To <= 180)
        {
            least = Math.Max(facts.LeastMeasure, 360 - specification.To);
            most = Math.Min(facts.MostMeasure, 360 - specification.From);
        }
        for (int measure = least; measure <= most; measure++)
        {
            if (measure % step == 0 && IsWanted(measure, facts, specification))
            {
                yield return measure;
            }
        }
    }

    private static bool IsWanted(int measure, KindFacts facts, SetSpecification specification)
    {
        AngleKind kind = new Measure(measure).Kind;
        IReadOnlyList<AngleKind> kinds = specification.AngleKinds is { Count: > 0 } asked
            ? asked
            : [AngleKind.Acute, AngleKind.Obtuse, AngleKind.Reflex];
        // Reflex angles are what such a kind is about, whatever else is asked of the others.
        bool wanted = kinds.Contains(kind) || facts.LeastMeasure > 180 || facts.OfAnyKind;
        // Within the tolerance of a boundary the kind is not for the eye to say, unless that boundary itself is asked for.
        bool boundary =
            kind is AngleKind.Acute or AngleKind.Obtuse or AngleKind.Reflex
            && Math.Min(measure % 90, 90 - measure % 90) <= specification.Tolerance;
        return wanted && !boundary;
    }
}

using JauntyCompass.Core.Checking;

namespace JauntyCompass.Core.Instruments;

/// <summary>How far round a protractor is graduated.</summary>
public enum ProtractorShape
{
    /// <summary>Bearings 0° to 180°.</summary>
    HalfCircle,

    /// <summary>All the way round.</summary>
    FullCircle,
}

/// <summary>
/// A protractor as a physical thing. Everything it does follows from these data; no instrument has code of its own.
/// </summary>
/// <param name="Id">Short unique name, such as <c>desk-half-circle</c>.</param>
/// <param name="Name">What a teacher calls it.</param>
/// <param name="Shape">Half circle or full circle.</param>
/// <param name="EdgeRadius">Radius of the graduated edge, mm, 10 to 600.</param>
/// <param name="HalfLength">Half the length of the straight edge, mm, 10 to 700; for a full circle its radius.</param>
/// <param name="Inset">How far the zero line lies above the straight edge, mm, 0 to 60; 0 for a full circle.</param>
/// <param name="SmallestGraduation">Degrees between two neighbouring graduations: 0.5, 1, 2, 5 or 10.</param>
/// <param name="Scales">Its rings of numbers, one to four.</param>
public sealed record Protractor(
    string Id,
    string Name,
    ProtractorShape Shape,
    double EdgeRadius,
    double HalfLength,
    double Inset,
    double SmallestGraduation,
    IReadOnlyList<Scale> Scales
) : IChecked
{
    /// <summary>The largest radius of a graduated edge, in mm.</summary>
    public const double LargestRadius = 600;

    private const double RoundingAllowance = 1e-7;

    /// <summary>Whether the edge is graduated at a bearing.</summary>
    public bool IsGraduatedAt(double bearing) =>
        Shape == ProtractorShape.FullCircle
        || bearing <= 180 + RoundingAllowance
        || bearing >= 360 - RoundingAllowance;

    /// <summary>The index of a scale by its name, or -1.</summary>
    public int IndexOf(string scaleId)
    {
        for (int i = 0; i < Scales.Count; i++)
        {
            if (Scales[i].Id == scaleId)
            {
                return i;
            }
        }
        return -1;
    }

    /// <summary>Requires a body that can exist and scales that fit on it.</summary>
    public void Check(Faults faults)
    {
        faults.Text("id", Id, 1, 60);
        faults.Text("name", Name, 1, 80);
        faults.Known("shape", Shape);
        faults.Range("edgeRadius", EdgeRadius, 10, LargestRadius, "mm");
        faults.Range("halfLength", HalfLength, 10, 700, "mm");
        faults.Range("inset", Inset, 0, 60, "mm");
        if (SmallestGraduation is not (0.5 or 1 or 2 or 5 or 10))
        {
            faults.Add("smallestGraduation", "must be 0.5, 1, 2, 5 or 10 degrees.");
        }
        faults.Each("scales", Scales, 1, 4);
        CheckScalesFit(faults);
    }

    private void CheckScalesFit(Faults faults)
    {
        for (int i = 0; i < (Scales?.Count ?? 0) && i < 4; i++)
        {
            Scale scale = Scales![i];
            if (scale.Radius > EdgeRadius)
            {
                faults.Add(
                    $"scales[{i}].radius",
                    "must not exceed edgeRadius: the numbers would stand off the body."
                );
            }
            if (Shape == ProtractorShape.HalfCircle && scale.Extent > 180)
            {
                faults.Add($"scales[{i}].extent", "must be at most 180 degrees on a half circle.");
            }
            for (int j = 0; j < i; j++)
            {
                if (Scales[j].Id == scale.Id)
                {
                    faults.Add($"scales[{i}].id", "must differ from the other scales' names.");
                }
            }
        }
    }
}

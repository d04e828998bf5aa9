using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Instruments;

/// <summary>How far round a protractor is graduated.</summary>
public enum ProtractorShape
{
    /// <summary>Bearings 0° to 180°.</summary>
    HalfCircle,

    /// <summary>All the way round.</summary>
    FullCircle,
}

/// <summary>What an instrument is made of; it decides how it looks and whether arms show through.</summary>
public enum Material
{
    /// <summary>Clear plastic: the arms show through, and turned over its printing is seen mirrored.</summary>
    ClearPlastic,

    /// <summary>Wood or board, cut out inside the graduations.</summary>
    Wood,

    /// <summary>Metal, cut out inside the graduations.</summary>
    Metal,

    /// <summary>Folded or cut paper.</summary>
    Paper,
}

/// <summary>How its graduations are found.</summary>
public enum GraduationMarks
{
    /// <summary>Printed: seen.</summary>
    Printed,

    /// <summary>Raised: counted by touch.</summary>
    Raised,

    /// <summary>Folded: the creases are the graduations.</summary>
    Creased,
}

/// <summary>An arm that turns about the centre mark of an instrument and stays where it is set.</summary>
/// <param name="Length">From the centre mark to its end, mm, 10 to 700.</param>
/// <param name="IsRuler">Whether lines are drawn along it as along a ruler.</param>
public sealed record MovingArm(double Length, bool IsRuler) : IValidatable
{
    /// <summary>Requires a length in range.</summary>
    public void Validate(ValidationErrors errors) =>
        errors.Range("length", Length, 10, 700, Unit.Millimetres);
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
/// <param name="SmallestGraduation">Degrees between two neighbouring graduations: 0.5, 1, 2, 5, 10 or 22.5.</param>
/// <param name="Scales">Its rings of numbers, one to four. A ring may be unnumbered and only be counted along.</param>
/// <param name="LabelEvery">Degrees between two printed numbers: 10, 20, 30 or 45; 0 when no numbers are printed.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="Marks">How its graduations are found.</param>
/// <param name="Arm">An arm that turns on it, or null.</param>
/// <param name="EdgeRuler">Whether a millimetre ruler runs along its straight edge.</param>
public sealed record Protractor(
    string Id,
    string Name,
    ProtractorShape Shape,
    double EdgeRadius,
    double HalfLength,
    double Inset,
    double SmallestGraduation,
    IReadOnlyList<Scale> Scales,
    int LabelEvery = 10,
    Material Material = Material.ClearPlastic,
    GraduationMarks Marks = GraduationMarks.Printed,
    MovingArm? Arm = null,
    bool EdgeRuler = false
) : IValidatable
{
    /// <summary>The largest radius of a graduated edge, in mm.</summary>
    public const double LargestRadius = 600;

    private const double RoundingAllowance = 1e-7;

    // Sizes between which an instrument and an angle for it fit a sheet of paper, mm.
    private const double SmallestOnDesk = 25;
    private const double LargestOnDesk = 110;

    // Between coarser graduations than this, in degrees, whole degrees are not for the eye to say.
    private const double CoarsestReadBetween = 2;

    /// <summary>
    /// Whether students can measure and draw with it on a sheet: of a size for the desk and without an arm to turn and lock.
    /// </summary>
    public bool FitsDesk => Arm is null && EdgeRadius is >= SmallestOnDesk and <= LargestOnDesk;

    /// <summary>Whether any whole number of degrees can be read on it, at a graduation or between two.</summary>
    public bool IsFine => SmallestGraduation <= CoarsestReadBetween;

    /// <summary>Whether its graduations let a whole number of degrees be read.</summary>
    public bool CanRead(int degrees) => IsFine || degrees % SmallestGraduation == 0;

    /// <summary>
    /// Degrees from one number to count on from to the next: between two labels, or where none are printed between two graduations, which
    /// are counted one by one.
    /// </summary>
    public double CountedBy => LabelEvery > 0 ? LabelEvery : SmallestGraduation;

    /// <summary>Whether there are numbers to count on from.</summary>
    public bool HasLabels => LabelEvery > 0;

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

    /// <summary>How far round it is graduated, in degrees: 180 or 360.</summary>
    public double FullScale => Shape == ProtractorShape.HalfCircle ? 180 : 360;

    /// <summary>Index of the inner one of two rings of numbers, or -1 where there are not two.</summary>
    public int InnerScale =>
        LabelEvery == 0 || Scales.Count != 2 ? -1
        : Scales[0].Radius < Scales[1].Radius ? 0
        : 1;

    /// <summary>Index of the outer one of two rings of numbers, or -1 where there are not two.</summary>
    public int OuterScale => InnerScale < 0 ? -1 : 1 - InnerScale;

    /// <summary>Requires a body that can exist and scales that fit on it.</summary>
    public void Validate(ValidationErrors errors)
    {
        errors.Text("id", Id, 1, 60);
        errors.Text("name", Name, 1, 80);
        errors.Known("shape", Shape);
        errors.Range("edgeRadius", EdgeRadius, 10, LargestRadius, Unit.Millimetres);
        errors.Range("halfLength", HalfLength, 10, 700, Unit.Millimetres);
        errors.Range("inset", Inset, 0, 60, Unit.Millimetres);
        errors.Known("material", Material);
        errors.Known("marks", Marks);
        errors.Within("arm", Arm);
        if (SmallestGraduation is not (0.5 or 1 or 2 or 5 or 10 or 22.5))
        {
            errors.Add("smallestGraduation", Text.Validation.Protractor.Graduation);
        }
        if (LabelEvery is not (0 or 10 or 20 or 30 or 45))
        {
            errors.Add("labelEvery", Text.Validation.Protractor.LabelEvery);
        }
        if (Shape == ProtractorShape.FullCircle && Inset != 0)
        {
            errors.Add("inset", Text.Validation.Protractor.Inset);
        }
        if (Shape == ProtractorShape.HalfCircle && HalfLength < EdgeRadius)
        {
            errors.Add("halfLength", Text.Validation.Protractor.HalfLength);
        }
        errors.Each("scales", Scales, 1, 4);
        // How the scales stand together can only be asked of scales that are there.
        for (int i = 0; i < (Scales?.Count ?? 0) && i < 4 && Scales!.All(s => s is not null); i++)
        {
            ScaleFit.Validate(this, i, errors);
        }
    }
}

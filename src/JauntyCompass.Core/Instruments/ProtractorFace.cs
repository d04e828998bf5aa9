using System.Text.Json.Serialization;

namespace JauntyCompass.Core.Instruments;

/// <summary>How long a graduation is drawn.</summary>
public enum GraduationRank
{
    /// <summary>A single step of the smallest graduation.</summary>
    One,

    /// <summary>A multiple of five degrees.</summary>
    Five,

    /// <summary>A multiple of ten degrees.</summary>
    Ten,
}

/// <summary>One graduation on the edge.</summary>
/// <param name="Bearing">Where it stands, in degrees as printed.</param>
/// <param name="Rank">How long it is drawn.</param>
[method: JsonConstructor]
public readonly record struct Graduation(double Bearing, GraduationRank Rank);

/// <summary>One printed number.</summary>
/// <param name="ScaleIndex">The scale it belongs to.</param>
/// <param name="Bearing">Where it stands, in degrees as printed.</param>
/// <param name="Number">The number.</param>
[method: JsonConstructor]
public readonly record struct GraduationLabel(int ScaleIndex, double Bearing, int Number);

/// <summary>What is printed on a protractor: its graduations and numbers.</summary>
/// <param name="Graduations">All graduations, by bearing.</param>
/// <param name="Labels">All numbers, scale by scale.</param>
public sealed record ProtractorFace(
    IReadOnlyList<Graduation> Graduations,
    IReadOnlyList<GraduationLabel> Labels
)
{
    /// <summary>The printing of an instrument.</summary>
    public static ProtractorFace Of(Protractor protractor)
    {
        bool half = protractor.Shape == ProtractorShape.HalfCircle;
        int steps = (int)Math.Round((half ? 180 : 360) / protractor.SmallestGraduation);
        var graduations = new List<Graduation>(steps + 1);
        for (int i = 0; i < (half ? steps + 1 : steps); i++)
        {
            double bearing = i * protractor.SmallestGraduation;
            graduations.Add(new Graduation(bearing, RankAt(bearing, protractor)));
        }

        var labels = new List<GraduationLabel>();
        for (int s = 0; s < protractor.Scales.Count; s++)
        {
            Scale scale = protractor.Scales[s];
            // On a full circle 360 falls on its own zero; one number stands there.
            int last = scale.Extent >= 360 ? 359 : (int)scale.Extent;
            int every = protractor.LabelEvery;
            for (int number = 0; every > 0 && number <= last; number += every)
            {
                labels.Add(new GraduationLabel(s, scale.BearingOf(number), number));
            }
        }
        return new ProtractorFace(graduations, labels);
    }

    private static GraduationRank RankAt(double bearing, Protractor protractor) =>
        // A crease is as long as any other.
        bearing % 10
            == 0
        || protractor.SmallestGraduation > 10
            ? GraduationRank.Ten
        : bearing % 5 == 0 ? GraduationRank.Five
        : GraduationRank.One;
}

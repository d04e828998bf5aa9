using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>Which mistake a flaw of a construction shows, and what usually comes of it.</summary>
internal static class ConstructionFlaws
{
    // What is usual of a child's construction, in mm: the opening, what it slips by, how unlike two unlike ones are. Common practice, no
    // source.
    private const double Opening = 35;
    private const double Slipped = 3;
    private const double Unlike = 9;

    /// <summary>How likely a flaw is what it is taken for: of ten that simulated hands made, nine at least were.</summary>
    internal const double SeenRightly = 0.9;

    internal static ConstructionMistake? MistakeOf(ConstructionFlaw flaw) =>
        flaw switch
        {
            ConstructionFlaw.NoArcs => MistakeCatalogue.Get<NoArcs>(),
            ConstructionFlaw.OpeningChanged => MistakeCatalogue.Get<OpeningChanged>(),
            ConstructionFlaw.UnlikeOpenings => MistakeCatalogue.Get<UnlikeOpenings>(),
            ConstructionFlaw.NeedleOff => MistakeCatalogue.Get<NeedleOff>(),
            ConstructionFlaw.ArcsTooShort => MistakeCatalogue.Get<ArcsTooShort>(),
            ConstructionFlaw.WrongCrossing => MistakeCatalogue.Get<WrongCrossing>(),
            _ => null,
        };

    /// <summary>Those that change the angle by how much they are made, so that something usual can be told beforehand.</summary>
    internal static IReadOnlyList<ConstructionMistake> WithOutcome { get; } =
    [MistakeCatalogue.Get<OpeningChanged>(), MistakeCatalogue.Get<UnlikeOpenings>()];

    /// <summary>What usually comes out, in degrees, either way.</summary>
    internal static IEnumerable<double> Outcomes(ConstructionAim aim, ConstructionMistake mistake)
    {
        double changed = mistake is OpeningChanged ? Slipped : Unlike;
        return new[] { -changed, changed }.Select(by => OutcomeOf(aim, by)).Where(double.IsFinite);
    }

    private static double OutcomeOf(ConstructionAim aim, double by) =>
        aim.Task switch
        {
            ConstructionTask.Copy => Copied(aim.Degrees, by),
            ConstructionTask.Bisect => Halved(aim, by),
            _ => Built(aim.Degrees, by),
        };

    // The distance was taken from an arc of one opening and stepped off on an arc of another: by the law of cosines.
    private static double Copied(double degrees, double by)
    {
        double chord = 2 * Opening * Math.Sin(degrees / 2 * (Math.PI / 180));
        double other = Opening + by;
        return Math.Acos(1 - chord * chord / (2 * other * other)) * (180 / Math.PI);
    }

    // Arcs from the crossings meet beside the bisector, nearer to the side of the smaller opening.
    private static double Halved(ConstructionAim aim, double by)
    {
        double half = Math.Min(aim.Degrees, 180 - aim.Degrees) * (Math.PI / 180);
        double apart = 2 * Opening * Math.Sin(half);
        double arcs = Math.Max(Opening, 0.7 * apart);
        double other = arcs + by;
        double along = (apart * apart + arcs * arcs - other * other) / (2 * apart);
        double height = Math.Sqrt(arcs * arcs - along * along);
        return aim.Degrees
            + Math.Atan2(along - apart / 2, Opening * Math.Cos(half) + height) * (180 / Math.PI);
    }

    // One of the equal triangles has a side that is not equal: by the law of cosines it is not 60°.
    private static double Built(double degrees, double by)
    {
        double other = Opening + by;
        double off = Math.Acos(1 - other * other / (2 * Opening * Opening)) * (180 / Math.PI) - 60;
        return degrees + (degrees % 60 == 0 ? off : off / 2);
    }
}

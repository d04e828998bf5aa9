using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>A specification that is ready to be used or changed.</summary>
/// <param name="Key">Short unique name.</param>
/// <param name="Title">What a teacher calls it.</param>
/// <param name="Summary">What it is for, in one sentence.</param>
/// <param name="Specification">What is wanted.</param>
public sealed record ReadySet(
    string Key,
    Message Title,
    Message Summary,
    SetSpecification Specification
);

/// <summary>The ready sets, in the order of a course.</summary>
public static class ReadySets
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<ReadySet> All { get; } =
    [
        new(
            "kinds",
            Text.Sets.Ready.Kinds.Title,
            Text.Sets.Ready.Kinds.Summary,
            Of([("which-kind", 8), ("compare", 2)]) with
            {
                Tilt = Tilt.Mixed,
                Order = ItemOrder.Mixed,
            }
        ),
        new(
            "names",
            Text.Sets.Ready.Names.Title,
            Text.Sets.Ready.Names.Summary,
            Of([("name", 5), ("instrument-question", 4)])
        ),
        new(
            "estimate",
            Text.Sets.Ready.Estimate.Title,
            Text.Sets.Ready.Estimate.Summary,
            Of([("estimate", 4), ("draw-by-eye", 2), ("exactly", 1)])
        ),
        new(
            "first-reading",
            Text.Sets.Ready.FirstReading.Title,
            Text.Sets.Ready.FirstReading.Summary,
            Of([("read-laid", 4), ("measure", 4)])
        ),
        new(
            "both-scales",
            Text.Sets.Ready.BothScales.Title,
            Text.Sets.Ready.BothScales.Summary,
            Of([("measure", 6), ("both-arms", 2)]) with
            {
                Mistakes =
                [
                    MistakeCatalogue.Get<OtherScale>().Key,
                    MistakeCatalogue.Get<WrongTen>().Key,
                    MistakeCatalogue.Get<TicksBackwards>().Key,
                    MistakeCatalogue.Get<TenFromOtherScale>().Key,
                    MistakeCatalogue.Get<SwappedDigits>().Key,
                ],
            }
        ),
        new(
            "tilted",
            Text.Sets.Ready.Tilted.Title,
            Text.Sets.Ready.Tilted.Summary,
            Of([("measure", 6)]) with
            {
                Tilt = Tilt.Tilted,
                Arms = ArmLengths.Mixed,
            }
        ),
        new(
            "drawing",
            Text.Sets.Ready.Drawing.Title,
            Text.Sets.Ready.Drawing.Summary,
            Of([("draw", 5), ("draw-special", 3)])
        ),
        new(
            "constructions",
            Text.Sets.Ready.Constructions.Title,
            Text.Sets.Ready.Constructions.Summary,
            Of([("bisect", 3), ("copy", 3)])
        ),
        new(
            "similar",
            Text.Sets.Ready.Similar.Title,
            Text.Sets.Ready.Similar.Summary,
            Of([("similar", 4), ("side-ratios", 2), ("draw-triangles", 1)])
        ),
        new(
            "reflex",
            Text.Sets.Ready.Reflex.Title,
            Text.Sets.Ready.Reflex.Summary,
            Of([("reflex", 5), ("draw-special", 2)]) with
            {
                AngleKinds = [AngleKind.Reflex],
            }
        ),
        new(
            "turns",
            Text.Sets.Ready.Turns.Title,
            Text.Sets.Ready.Turns.Summary,
            Of([("full-turn", 3), ("clock", 3), ("range", 2)]) with
            {
                Theme = Theme.Harbour,
            }
        ),
        new(
            "figures",
            Text.Sets.Ready.Figures.Title,
            Text.Sets.Ready.Figures.Summary,
            Of([("figure-angles", 2), ("outline", 4)])
        ),
        new(
            "algebra",
            Text.Sets.Ready.Algebra.Title,
            Text.Sets.Ready.Algebra.Summary,
            Of([("parts", 6)])
        ),
        new(
            "right-angle-parts",
            Text.Sets.Ready.RightAngleParts.Title,
            Text.Sets.Ready.RightAngleParts.Summary,
            Of([("parts", 5)]) with
            {
                AngleKinds = [AngleKind.Right],
            }
        ),
        new(
            "detectives",
            Text.Sets.Ready.Detectives.Title,
            Text.Sets.Ready.Detectives.Summary,
            Of([("find-mistake", 6)])
        ),
        new(
            "home",
            Text.Sets.Ready.Home.Title,
            Text.Sets.Ready.Home.Summary,
            Of([
                ("which-kind", 1),
                ("read-laid", 1),
                ("measure", 2),
                ("draw", 1),
                ("range", 1),
            ]) with
            {
                Order = ItemOrder.Rising,
                Theme = Theme.Harbour,
            }
        ),
    ];

    private static SetSpecification Of((string Kind, int Count)[] kinds) =>
        new([.. kinds.Select(k => new KindCount(k.Kind, k.Count))]);
}

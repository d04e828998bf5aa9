using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>A specification that is ready to be used or changed.</summary>
/// <param name="Key">Short unique name.</param>
/// <param name="Title">What a teacher calls it.</param>
/// <param name="Summary">What it is for, in one sentence.</param>
/// <param name="Specification">What is wanted.</param>
public sealed record ReadySet(
    string Key,
    string Title,
    string Summary,
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
            "Quick round of kinds",
            "Ten figures at the start of a lesson: which kind?",
            Of([("which-kind", 8), ("compare", 2)]) with
            {
                Tilt = Tilt.Mixed,
                Order = ItemOrder.Mixed,
            }
        ),
        new(
            "names",
            "Words and names",
            "Names that are allowed and names that are not, and what the instrument is for.",
            Of([("name", 5), ("instrument-question", 4)])
        ),
        new(
            "estimate",
            "Estimate first",
            "Benchmarks, a paper fan, and drawing by eye, checked by measuring.",
            Of([("estimate", 4), ("draw-by-eye", 2), ("exactly", 1)])
        ),
        new(
            "first-reading",
            "First reading",
            "The protractor lies there already; then it is laid on by hand.",
            Of([("read-laid", 4), ("measure", 4)])
        ),
        new(
            "both-scales",
            "Both scales",
            "Chosen so that the wrong scale, a wrong ten and ones counted backwards would show.",
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
            "Tilted, arms too short",
            "Angles that lie any way round, with arms that do not reach the graduations.",
            Of([("measure", 6)]) with
            {
                Tilt = Tilt.Tilted,
                Arms = ArmLengths.Mixed,
            }
        ),
        new(
            "drawing",
            "Drawing",
            "Opening to both sides, and some that need no number at all.",
            Of([("draw", 5), ("draw-special", 3)])
        ),
        new(
            "reflex",
            "Reflex",
            "By taking from 360, by adding to 180, and drawn with the arc outside.",
            Of([("reflex", 5), ("draw-special", 2)]) with
            {
                AngleKinds = [AngleKind.Reflex],
            }
        ),
        new(
            "turns",
            "Turns and movements",
            "A full circle with its arrow, the hands of a clock, the range of a crane.",
            Of([("full-turn", 3), ("clock", 3), ("range", 2)]) with
            {
                Theme = Theme.Harbour,
            }
        ),
        new(
            "figures",
            "Figures and outlines",
            "All angles of a figure with their sum, and riddles over outlines.",
            Of([("figure-angles", 2), ("outline", 4)])
        ),
        new(
            "detectives",
            "Somebody else's mistake",
            "Find it, name it, put it right.",
            Of([("find-mistake", 6)])
        ),
        new(
            "home",
            "A handful for home",
            "A few of everything, from easy to hard, with the protractor on the screen.",
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

using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Presentation;

/// <summary>Asks that several kinds share.</summary>
public static class CommonAsks
{
    private static readonly AngleKind[] UsualKinds =
    [
        AngleKind.Acute,
        AngleKind.Right,
        AngleKind.Obtuse,
        AngleKind.Straight,
    ];

    /// <summary>A drawing; its fields are those of <see cref="Kinds.Draw.DrawResponse"/>.</summary>
    public static Ask Drawing { get; } = new("strokes", AskType.Drawing, "Your drawing");

    /// <summary>
    /// A reading as the class does it: the kind before the instrument is touched or after; an estimate, where one must come first,
    /// before all else. The response carries them as <c>kindSaid</c> and <c>estimate</c>.
    /// </summary>
    public static IReadOnlyList<Ask> ByRules(HouseRules rules, Ask reading, bool withReflex = false)
    {
        bool first = rules.Kind == Lessons.KindSaid.First;
        Ask kind = KindSaid(
            "kindSaid",
            first ? "First look: which kind is it?" : "Which kind is it?",
            withReflex
        );
        Ask[] number = rules.EstimateFirst
            ?
            [
                new Ask("estimate", AskType.Degrees, "About how many degrees? Your estimate"),
                reading with
                {
                    Afterwards = true,
                },
            ]
            : [reading];
        return first ? [kind, .. number] : [.. number, kind];
    }

    /// <summary>The kind. May be left out.</summary>
    public static Ask KindSaid(string field, string label, bool withReflex = false) =>
        new(field, AskType.Choice, label)
        {
            Options =
            [
                .. UsualKinds
                    .Concat(withReflex ? [AngleKind.Reflex] : [])
                    .Select(k => new AskOption(
                        k.ToString().ToLowerInvariant(),
                        Numbers.Adjective(k)
                    )),
            ],
            Optional = true,
        };

    /// <summary>A reading with the instrument in hand.</summary>
    public static Ask Reading(
        string field,
        string placementField,
        string label = "Your reading in degrees"
    ) => new(field, AskType.Reading, label) { PlacementField = placementField };
}

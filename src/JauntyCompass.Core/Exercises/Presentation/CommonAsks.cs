using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

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
    public static Ask Drawing(Phrasing phrasing) =>
        new("strokes", AskType.Drawing, phrasing.Say(Text.Kinds.Asks.Drawing));

    /// <summary>
    /// A reading as the class does it: the kind before the instrument is touched or after; an estimate, where one must come first,
    /// before all else. The response carries them as <c>kindSaid</c> and <c>estimate</c>.
    /// </summary>
    public static IReadOnlyList<Ask> ByRules(HouseRules rules, Ask reading, bool withReflex = false)
    {
        bool first = rules.Kind == Lessons.KindSaid.First;
        Ask kind = KindSaid(
            rules.Phrasing,
            "kindSaid",
            first ? Text.Kinds.Asks.FirstLook : Text.Kinds.Asks.WhichKind,
            withReflex
        );
        Ask[] number = rules.EstimateFirst
            ?
            [
                new Ask("estimate", AskType.Degrees, rules.Phrasing.Say(Text.Kinds.Asks.Estimate)),
                reading with
                {
                    Afterwards = true,
                },
            ]
            : [reading];
        return first ? [kind, .. number] : [.. number, kind];
    }

    /// <summary>The kind. May be left out.</summary>
    public static Ask KindSaid(
        Phrasing phrasing,
        string field,
        Message label,
        bool withReflex = false
    ) =>
        new(field, AskType.Choice, phrasing.Say(label))
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
        Phrasing phrasing,
        string field,
        string placementField,
        Message? label = null
    ) =>
        new(field, AskType.Reading, phrasing.Say(label ?? Text.Kinds.Asks.Reading))
        {
            PlacementField = placementField,
        };
}

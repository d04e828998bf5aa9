using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking.Steps;
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
    public static Ask Drawing { get; } = new("strokes", AskType.Drawing, Text.Kinds.Asks.Drawing);

    /// <summary>Yes and no.</summary>
    public static IReadOnlyList<AskOption> YesOrNo { get; } =
    [new AskOption("yes", Text.Units.Yes), new AskOption("no", Text.Units.No)];

    /// <summary>A choice among what a step offers.</summary>
    public static Ask Choice(string field, Message label, IReadOnlyList<Option> options) =>
        new(field, AskType.Choice, label)
        {
            Options = [.. options.Select(o => new AskOption(o.Choice.Key, o.Choice.Text))],
        };

    /// <summary>
    /// A reading as the class does it: the kind before the instrument is touched or after; an estimate, where one must come first,
    /// before all else. The response carries them as <c>kindSaid</c> and <c>estimate</c>.
    /// </summary>
    public static IReadOnlyList<Ask> ByRules(HouseRules rules, Ask reading, bool withReflex = false)
    {
        bool first = rules.Kind == Lessons.KindSaid.First;
        Ask kind = KindSaid(
            "kindSaid",
            first ? Text.Kinds.Asks.FirstLook : Text.Kinds.Asks.WhichKind,
            withReflex
        );
        Ask[] number = rules.EstimateFirst
            ?
            [
                new Ask("estimate", AskType.Degrees, Text.Kinds.Asks.Estimate),
                reading with
                {
                    Afterwards = true,
                },
            ]
            : [reading];
        return first ? [kind, .. number] : [.. number, kind];
    }

    /// <summary>The kind. May be left out.</summary>
    public static Ask KindSaid(string field, Message label, bool withReflex = false) =>
        new(field, AskType.Choice, label)
        {
            Options =
            [
                .. UsualKinds
                    .Concat(withReflex ? [AngleKind.Reflex] : [])
                    .Select(k => new AskOption(
                        k.ToString().ToLowerInvariant(),
                        Text.Angles.Adjective(k)
                    )),
            ],
            Optional = true,
        };

    /// <summary>A reading with the instrument in hand.</summary>
    public static Ask Reading(string field, string placementField, Message? label = null) =>
        new(field, AskType.Reading, label ?? Text.Kinds.Asks.Reading)
        {
            PlacementField = placementField,
        };
}

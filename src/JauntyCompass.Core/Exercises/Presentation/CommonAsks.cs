using JauntyCompass.Core.Angles;
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

    /// <summary>The kind, said before the instrument is read. May be left out.</summary>
    public static Ask KindSaid(string field, bool withReflex = false) =>
        new(field, AskType.Choice, "First look: which kind is it?")
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

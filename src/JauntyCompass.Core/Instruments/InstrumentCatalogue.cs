using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments;

/// <summary>The instruments that ship with the product. Sizes are those of common classroom wares; common practice, no source.</summary>
public static class InstrumentCatalogue
{
    /// <summary>Half circle of clear plastic for the desk: outer scale with zero at the left, inner with zero at the right.</summary>
    public static Protractor DeskHalfCircle { get; } =
        HalfCircle("desk-half-circle", "Desk protractor", radius: 75, halfLength: 76, inset: 7);

    /// <summary>The same for a pencil case, numbered the same way, with its zero line on a narrower strip.</summary>
    public static Protractor PocketHalfCircle { get; } =
        HalfCircle("pocket-half-circle", "Pocket protractor", radius: 48, halfLength: 49, inset: 4);

    /// <summary>All instruments, the usual one first.</summary>
    public static IReadOnlyList<Protractor> All { get; } = [DeskHalfCircle, PocketHalfCircle];

    /// <summary>Finds an instrument by its name, or null.</summary>
    public static Protractor? Find(string? id) => All.FirstOrDefault(p => p.Id == id);

    private static Protractor HalfCircle(
        string id,
        string name,
        double radius,
        double halfLength,
        double inset
    ) =>
        new(
            id,
            name,
            ProtractorShape.HalfCircle,
            radius,
            halfLength,
            inset,
            SmallestGraduation: 1,
            [
                new Scale("outer", radius * 0.87, ZeroAt: 180, Opening.Clockwise, Extent: 180),
                new Scale("inner", radius * 0.72, ZeroAt: 0, Opening.Anticlockwise, Extent: 180),
            ]
        );
}

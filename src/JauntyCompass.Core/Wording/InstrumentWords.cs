using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Wording;

/// <summary>Where something is, seen from something else.</summary>
internal enum Side
{
    Right,
    Left,
    Above,
    Below,
}

/// <summary>What instruments, their scales and ways round them are called.</summary>
public static class InstrumentWords
{
    private static readonly Dictionary<string, Message> Shipped = new()
    {
        ["desk-half-circle"] = Text.Instrument.Name.DeskHalfCircle,
        ["pocket-half-circle"] = Text.Instrument.Name.PocketHalfCircle,
        ["reversed-half-circle"] = Text.Instrument.Name.ReversedHalfCircle,
        ["one-scale-right"] = Text.Instrument.Name.OneScaleRight,
        ["one-scale-left"] = Text.Instrument.Name.OneScaleLeft,
        ["ruler-edge"] = Text.Instrument.Name.RulerEdge,
        ["board-half-circle"] = Text.Instrument.Name.BoardHalfCircle,
        ["full-circle"] = Text.Instrument.Name.FullCircle,
        ["full-circle-one-scale"] = Text.Instrument.Name.FullCircleOneScale,
        ["tactile"] = Text.Instrument.Name.Tactile,
        ["turning-ruler"] = Text.Instrument.Name.TurningRuler,
        ["folded-paper"] = Text.Instrument.Name.FoldedPaper,
    };

    /// <summary>What an instrument is called: one that ships with the product by its id, any other as its owner named it.</summary>
    public static Message Name(Protractor protractor) =>
        Shipped.TryGetValue(protractor.Id, out Message? name)
            ? name
            : Text.Units.AsWritten(protractor.Name);

    /// <summary>
    /// Which ring of numbers, in as few words as tell it from the other: <c>inner</c>; null for the only one.
    /// </summary>
    public static Message? ScaleName(Protractor protractor, int scale) =>
        scale == protractor.InnerScale ? Text.Instrument.Scale.Inner
        : scale == protractor.OuterScale ? Text.Instrument.Scale.Outer
        : protractor.Scales.Count == 1 ? null
        : protractor.Scales[scale].ZeroAt == 0 ? Text.Instrument.Scale.RightHand
        : Text.Instrument.Scale.LeftHand;

    /// <summary>What is counted along: <c>the inner numbers</c>, <c>the raised marks from the right</c>.</summary>
    public static Message CountedAlong(Protractor protractor, int scale)
    {
        if (protractor.LabelEvery > 0)
        {
            return ScaleName(protractor, scale) is Message name
                ? Text.Instrument.Scale.Numbers(name)
                : Text.Instrument.Scale.OnlyNumbers;
        }
        Side from = protractor.Scales[scale].ZeroAt == 0 ? Side.Right : Side.Left;
        return protractor.Marks switch
        {
            GraduationMarks.Raised => Text.Instrument.Scale.RaisedMarks(from),
            GraduationMarks.Creased => Text.Instrument.Scale.Creases(from),
            _ => Text.Instrument.Scale.Marks(from),
        };
    }

    /// <summary>A way round: <c>clockwise</c>.</summary>
    public static Message WayRound(TurnDirection opening) =>
        opening == TurnDirection.Clockwise
            ? Text.Instrument.Way.Clockwise
            : Text.Instrument.Way.Anticlockwise;
}

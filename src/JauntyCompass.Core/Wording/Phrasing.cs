using System.Collections.Concurrent;
using System.Text.RegularExpressions;
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

/// <summary>Says things in a class's words and in its way of writing degrees.</summary>
/// <param name="Words">The class's words.</param>
/// <param name="Style">How degrees are written.</param>
public sealed partial record Phrasing(Words Words, DegreeStyle Style)
{
    /// <summary>Usual words, degree sign.</summary>
    public static Phrasing Usual { get; } = new(Words.Usual, DegreeStyle.Sign);

    // The words and ways of all classes together are few.
    private static readonly ConcurrentDictionary<Phrasing, TextRenderer> Renderers = new();

    private TextRenderer? _renderer;

    /// <summary>The language that is spoken.</summary>
    public Language Language { get; init; } = Language.Usual;

    /// <summary>Whom it is told.</summary>
    public Audience Audience { get; init; }

    /// <summary>The same to a class, in which nobody is meant.</summary>
    public Phrasing ToClass => this with { Audience = Audience.Class, _renderer = null };

    private TextRenderer Renderer =>
        _renderer ??= Renderers.GetOrAdd(
            this,
            static p => new TextRenderer(p.Language, p.Words.ByUse, p.Style, p.Audience)
        );

    /// <summary>Says something.</summary>
    public string Say(Message message) => Renderer.Render(message);

    /// <summary>A number of degrees, without needless decimals: <c>64°</c>, <c>45.5 degrees</c>.</summary>
    public string Degrees(double degrees) => Renderer.Degrees(degrees);

    /// <inheritdoc/>
    public bool Equals(Phrasing? other) =>
        other is not null
        && Words == other.Words
        && Style == other.Style
        && Audience == other.Audience
        && Language == other.Language;

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(Words, Style, Language.Tag, Audience);

    /// <summary>Which ring of numbers, in as few words as tell it from the other: <c>inner</c>; empty for the only one.</summary>
    public string ScaleName(Protractor protractor, int scale) =>
        NameOf(protractor, scale) is Message name ? Say(name) : "";

    /// <summary>What is counted along: <c>the inner numbers</c>, <c>the raised marks from the right</c>.</summary>
    public string Counted(Protractor protractor, int scale) => Say(CountedAlong(protractor, scale));

    /// <summary>The same as a message.</summary>
    internal static Message CountedAlong(Protractor protractor, int scale)
    {
        if (protractor.LabelEvery > 0)
        {
            return NameOf(protractor, scale) is Message name
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
    public string WayRound(TurnDirection opening) =>
        Say(
            opening == TurnDirection.Clockwise
                ? Text.Instrument.Way.Clockwise
                : Text.Instrument.Way.Anticlockwise
        );

    private static Message? NameOf(Protractor protractor, int scale) =>
        scale == protractor.InnerScale ? Text.Instrument.Scale.Inner
        : scale == protractor.OuterScale ? Text.Instrument.Scale.Outer
        : protractor.Scales.Count == 1 ? null
        : protractor.Scales[scale].ZeroAt == 0 ? Text.Instrument.Scale.RightHand
        : Text.Instrument.Scale.LeftHand;

    /// <summary>A text written in the usual words, in those of the class.</summary>
    public string InOwnWords(string usual) =>
        Words == Wording.Words.Usual ? usual : Chosen().Replace(usual, Own);

    // Whole words, with what may follow them; inner and outer only where they tell of a ring of numbers.
    [GeneratedRegex(
        @"\b(centre mark|zero line|straightedge|anticlockwise|starting(?= arm)|(?:inner|outer)(?= scale| numbers)|arm)(?=s?\b)",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Chosen();

    private string Own(Match found)
    {
        string own = found.Value.ToLowerInvariant() switch
        {
            "centre mark" => Words.CentreMark,
            "zero line" => Words.ZeroLine,
            "straightedge" => Words.Straightedge,
            "anticlockwise" => Words.Anticlockwise,
            "starting" => Words.StartingArm,
            "inner" => Words.InnerScale,
            "outer" => Words.OuterScale,
            _ => Words.Arm,
        };
        return char.IsUpper(found.Value[0]) ? char.ToUpperInvariant(own[0]) + own[1..] : own;
    }
}

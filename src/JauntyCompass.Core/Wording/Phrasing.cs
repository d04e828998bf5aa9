using System.Collections.Concurrent;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Wording;

/// <summary>Says things in a class's words and in its way of writing degrees.</summary>
/// <param name="Words">The class's words; null for the usual ones of the language.</param>
/// <param name="Style">How degrees are written.</param>
public sealed record Phrasing(Words? Words, DegreeStyle Style)
{
    /// <summary>Usual words, degree sign.</summary>
    public static Phrasing Usual { get; } = new(null, DegreeStyle.Sign);

    // The words and ways of all classes together are few.
    private static readonly ConcurrentDictionary<Phrasing, TextRenderer> Renderers = new();

    private TextRenderer? _renderer;

    /// <summary>The language that is spoken.</summary>
    public Language Language
    {
        get;
        init => (field, _renderer) = (value, null);
    } = Language.Usual;

    /// <summary>Whom it is told.</summary>
    public Audience Audience
    {
        get;
        init => (field, _renderer) = (value, null);
    }

    /// <summary>The same to a class, in which nobody is meant.</summary>
    public Phrasing ToClass => this with { Audience = Audience.Class };

    private TextRenderer Renderer =>
        _renderer ??= Renderers.GetOrAdd(
            this,
            static p => new TextRenderer(p.Language, p.Words?.ByUse, p.Style, p.Audience)
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
}

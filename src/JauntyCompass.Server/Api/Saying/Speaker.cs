using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Microsoft.Net.Http.Headers;

namespace JauntyCompass.Server.Api.Saying;

/// <summary>
/// In whose language and words the reply to a request is written: in the language of its Accept-Language, else in that of the class it
/// is about, and in the words of that class.
/// </summary>
public sealed class Speaker
{
    private readonly Language? _asked;

    /// <summary>Makes one for a request.</summary>
    /// <param name="accessor">Knows the request.</param>
    public Speaker(IHttpContextAccessor accessor)
    {
        _asked = accessor.HttpContext is HttpContext context ? AskedBy(context.Request) : null;
        Phrasing = _asked is null ? Phrasing.Usual : Phrasing.Usual with { Language = _asked };
    }

    /// <summary>How things are said in the reply.</summary>
    public Phrasing Phrasing { get; private set; }

    /// <summary>Says things as a class does, to one of its students.</summary>
    /// <param name="rules">How the class does things.</param>
    public void ToStudentOf(HouseRules rules) =>
        Phrasing = _asked is null ? rules.Phrasing : rules.PhrasingIn(_asked);

    /// <summary>Says things as a class does, to the whole of it.</summary>
    /// <param name="rules">How the class does things.</param>
    public void ToClass(HouseRules rules)
    {
        ToStudentOf(rules);
        Phrasing = Phrasing.ToClass;
    }

    private static Language? AskedBy(HttpRequest request) =>
        Language.Best(
            request
                .GetTypedHeaders()
                .AcceptLanguage.Where(a => a.Quality is not 0)
                .OrderByDescending(a => a, StringWithQualityHeaderValueComparer.QualityComparer)
                .Select(a => a.Value.ToString())
        );
}

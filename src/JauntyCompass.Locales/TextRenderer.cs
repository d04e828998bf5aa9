using JauntyCompass.Messages;

namespace JauntyCompass.Locales;

/// <summary>How degrees are written.</summary>
public enum DegreeStyle
{
    /// <summary>With the sign: 64°.</summary>
    Sign,

    /// <summary>In words: 64 degrees.</summary>
    Words,
}

/// <summary>Whom something is told.</summary>
public enum Audience
{
    /// <summary>The student who did it: you.</summary>
    Student,

    /// <summary>A class, to which it is shown: nobody in it is meant.</summary>
    Class,
}

/// <summary>Makes text of messages for somebody: in a language, with the words a class has chosen, in its way of writing degrees.</summary>
public sealed class TextRenderer
{
    private readonly Dictionary<string, string> _forms = [];

    /// <summary>Makes one.</summary>
    /// <param name="language">The language.</param>
    /// <param name="words">
    /// The words that were chosen, by what they are for. Where none is chosen, or one that this language does not have, its usual one
    /// stands.
    /// </param>
    /// <param name="style">How degrees are written.</param>
    /// <param name="audience">Whom it is told; a message chooses its words by <c>audience</c>.</param>
    public TextRenderer(
        Language language,
        IReadOnlyDictionary<string, string>? words = null,
        DegreeStyle style = DegreeStyle.Sign,
        Audience audience = Audience.Student
    )
    {
        _forms["audience"] = audience == Audience.Class ? "class" : "student";
        Language = language;
        Style = style;
        foreach ((string field, var choices) in language.Words)
        {
            Dictionary<string, string> forms =
                words?.GetValueOrDefault(field) is string chosen
                && choices.TryGetValue(chosen, out Dictionary<string, string>? own)
                    ? own
                    : choices.Values.First();
            foreach ((string form, string text) in forms)
            {
                _forms[form] = text;
                _forms[Capital(form)] = Capital(text);
            }
        }
    }

    /// <summary>The language.</summary>
    public Language Language { get; }

    /// <summary>How degrees are written.</summary>
    public DegreeStyle Style { get; }

    /// <summary>Usual words, degree sign, British English.</summary>
    public static TextRenderer Usual { get; } = new(Language.Usual);

    /// <summary>The text of a message.</summary>
    /// <exception cref="KeyNotFoundException">There is no such message.</exception>
    /// <exception cref="ArgumentException">An argument is missing, or of another type.</exception>
    public string Render(Message message) =>
        MessageWriter.Write(
            Language.Pattern(message.Id),
            Language.Rules,
            name =>
                message.Value(name) is object value
                    ? Written(name, value)
                    : _forms.GetValueOrDefault(name)
        );

    /// <summary>A number of degrees: <c>64°</c>, <c>45.5 degrees</c>.</summary>
    public string Degrees(double degrees) =>
        Render(
            Style == DegreeStyle.Sign
                ? Text.Units.DegreeSign(Message.Tenths(degrees))
                : Text.Units.DegreeWords(Message.Tenths(degrees))
        );

    private object Written(string name, object value) =>
        (ArgumentTypes.ByName.GetValueOrDefault(name), value) switch
        {
            (ArgumentType.Degrees, double degrees) => Degrees(degrees),
            (ArgumentType.Millimetres, double length) => Render(
                Text.Units.Millimetres(Message.Tenths(length))
            ),
            (_, Message message) => Render(message),
            (_, IReadOnlyList<Message> list) => Listed(list),
            _ => value,
        };

    // One after the other, the last two joined by a word.
    private string Listed(IReadOnlyList<Message> list)
    {
        string text = list.Count == 0 ? "" : Render(list[0]);
        for (int i = 1; i < list.Count; i++)
        {
            string next = Render(list[i]);
            text = Render(
                i == list.Count - 1
                    ? Text.Units.LastOfList(text, next)
                    : Text.Units.MoreOfList(text, next)
            );
        }
        return text;
    }

    private static string Capital(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}

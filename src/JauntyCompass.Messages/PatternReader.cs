using System.Globalization;
using System.Text;

namespace JauntyCompass.Messages;

/// <summary>
/// Reads a pattern in the ICU message syntax: arguments, numbers, plurals, ordinals, selections, quoting with apostrophes. Dates, times,
/// number skeletons and tags are not read: a catalogue has no use for them, and a pattern with one is refused.
/// </summary>
internal sealed class PatternReader(string pattern)
{
    // Deeper than this no sentence is nested; it bounds the work.
    private const int Deepest = 16;

    private int _at;

    internal IReadOnlyList<MessagePart> Read()
    {
        IReadOnlyList<MessagePart> parts = Parts(depth: 0, inPlural: false);
        return _at == pattern.Length
            ? parts
            : throw Wrong("a closing brace without an opening one.");
    }

    private List<MessagePart> Parts(int depth, bool inPlural)
    {
        if (depth > Deepest)
        {
            throw Wrong($"nested deeper than {Deepest}.");
        }
        var parts = new List<MessagePart>();
        var text = new StringBuilder();
        void Flush()
        {
            if (text.Length > 0)
            {
                parts.Add(new Literal(text.ToString()));
                text.Clear();
            }
        }
        // A closing brace that closes nothing stands for itself, as the pages have it.
        while (_at < pattern.Length && (pattern[_at] != '}' || depth == 0))
        {
            char c = pattern[_at];
            if (c == '{')
            {
                Flush();
                parts.Add(Argument(depth));
            }
            else if (c == '#' && inPlural)
            {
                Flush();
                _at++;
                parts.Add(new PoundPart());
            }
            else if (c == '\'')
            {
                Quoted(text, inPlural);
            }
            else
            {
                text.Append(c);
                _at++;
            }
        }
        Flush();
        return parts;
    }

    // Two apostrophes are one. One before a brace, a pointed bracket or, in a plural, a pound sign quotes up to the next; any other
    // stands for itself.
    private void Quoted(StringBuilder text, bool inPlural)
    {
        _at++;
        char next = Peek();
        if (next == '\'')
        {
            text.Append('\'');
            _at++;
            return;
        }
        if (!(next is '{' or '}' or '<' or '>' || (next == '#' && inPlural)))
        {
            text.Append('\'');
            return;
        }
        while (_at < pattern.Length)
        {
            char c = pattern[_at++];
            if (c != '\'')
            {
                text.Append(c);
            }
            else if (Peek() == '\'')
            {
                text.Append('\'');
                _at++;
            }
            else
            {
                return;
            }
        }
    }

    private MessagePart Argument(int depth)
    {
        _at++;
        Space();
        string name = Word("the name of an argument");
        Space();
        if (Peek() == '}')
        {
            _at++;
            return new ArgumentPart(name);
        }
        Expect(',');
        Space();
        int typeAt = _at;
        string type = Word("the type of an argument");
        Space();
        MessagePart part;
        switch (type)
        {
            case "number":
                part = new NumberPart(name, Style());
                break;
            case "select":
                Expect(',');
                part = new SelectPart(name, Cases(depth));
                break;
            case "plural" or "selectordinal":
                Expect(',');
                part = Plural(name, type == "selectordinal", depth);
                break;
            default:
                _at = typeAt;
                throw Wrong($"the type “{type}” is not read here.");
        }
        Space();
        Expect('}');
        return part;
    }

    private NumberStyle Style()
    {
        if (Peek() != ',')
        {
            return NumberStyle.Decimal;
        }
        _at++;
        Space();
        int styleAt = _at;
        string style = Word("a style of number");
        Space();
        switch (style)
        {
            case "integer":
                return NumberStyle.Integer;
            case "percent":
                return NumberStyle.Percent;
            default:
                _at = styleAt;
                throw Wrong($"the style “{style}” is not read here.");
        }
    }

    private Dictionary<string, IReadOnlyList<MessagePart>> Cases(int depth)
    {
        var cases = new Dictionary<string, IReadOnlyList<MessagePart>>();
        for (Space(); Peek() is not ('}' or '\0'); Space())
        {
            int at = _at;
            string key = Word("the name of a case");
            // In a selection within a plural the pound sign stands for itself again, as the pages have it.
            Add(cases, key, Case(depth, inPlural: false), at);
        }
        return HasOther(cases);
    }

    private PluralPart Plural(string name, bool ordinal, int depth)
    {
        double offset = 0;
        var exact = new Dictionary<double, IReadOnlyList<MessagePart>>();
        var cases = new Dictionary<string, IReadOnlyList<MessagePart>>();
        Space();
        if (pattern.AsSpan(_at).StartsWith("offset:"))
        {
            _at += "offset:".Length;
            Space();
            offset = Whole();
            Space();
        }
        for (; Peek() is not ('}' or '\0'); Space())
        {
            int at = _at;
            if (Peek() == '=')
            {
                _at++;
                Add(exact, Whole(), Case(depth, inPlural: true), at);
            }
            else
            {
                string key = Word("a category");
                Add(cases, key, Case(depth, inPlural: true), at);
            }
        }
        return new PluralPart(name, ordinal, offset, exact, HasOther(cases));
    }

    private List<MessagePart> Case(int depth, bool inPlural)
    {
        Space();
        Expect('{');
        List<MessagePart> parts = Parts(depth + 1, inPlural);
        Expect('}');
        return parts;
    }

    private void Add<TKey>(
        Dictionary<TKey, IReadOnlyList<MessagePart>> cases,
        TKey key,
        List<MessagePart> parts,
        int at
    )
        where TKey : notnull
    {
        if (!cases.TryAdd(key, parts))
        {
            _at = at;
            throw Wrong($"the case “{key}” stands there twice.");
        }
    }

    private Dictionary<string, IReadOnlyList<MessagePart>> HasOther(
        Dictionary<string, IReadOnlyList<MessagePart>> cases
    ) => cases.ContainsKey("other") ? cases : throw Wrong("there must be a case “other”.");

    private double Whole()
    {
        int from = _at;
        if (Peek() == '-')
        {
            _at++;
        }
        while (char.IsAsciiDigit(Peek()))
        {
            _at++;
        }
        return double.TryParse(
            pattern.AsSpan(from, _at - from),
            NumberStyles.AllowLeadingSign,
            CultureInfo.InvariantCulture,
            out double number
        )
            ? number
            : throw Wrong("a whole number must stand here.");
    }

    private string Word(string what)
    {
        int from = _at;
        while (char.IsAsciiLetterOrDigit(Peek()) || Peek() is '_' or '-' or '.')
        {
            _at++;
        }
        return _at > from ? pattern[from.._at] : throw Wrong($"{what} must stand here.");
    }

    private void Space()
    {
        while (Peek() is ' ' or '\n' or '\r' or '\t')
        {
            _at++;
        }
    }

    private void Expect(char c)
    {
        if (Peek() != c)
        {
            throw Wrong($"“{c}” must stand here.");
        }
        _at++;
    }

    private char Peek() => _at < pattern.Length ? pattern[_at] : '\0';

    private MessageSyntaxException Wrong(string problem) => new(pattern, _at, problem);
}

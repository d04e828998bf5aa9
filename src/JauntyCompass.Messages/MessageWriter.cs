using System.Globalization;
using System.Text;

namespace JauntyCompass.Messages;

/// <summary>Fills in patterns.</summary>
public static class MessageWriter
{
    /// <summary>Fills in a pattern.</summary>
    /// <param name="pattern">The pattern.</param>
    /// <param name="rules">The rules of its language.</param>
    /// <param name="valueOf">
    /// The value of an argument by its name: a string, or a number as a <see cref="double"/>; null where there is none.
    /// </param>
    /// <exception cref="ArgumentException">A value is missing, or is no number where one must be.</exception>
    public static string Write(
        MessagePattern pattern,
        LanguageRules rules,
        Func<string, object?> valueOf
    )
    {
        var text = new StringBuilder();
        Write(text, pattern.Parts, rules, valueOf, pound: null);
        return text.ToString();
    }

    private static void Write(
        StringBuilder text,
        IReadOnlyList<MessagePart> parts,
        LanguageRules rules,
        Func<string, object?> valueOf,
        double? pound
    )
    {
        for (int i = 0; i < parts.Count; i++)
        {
            switch (parts[i])
            {
                case Literal literal:
                    text.Append(literal.Text);
                    break;
                case ArgumentPart argument:
                    text.Append(AsText(Value(argument.Name, valueOf)));
                    break;
                case NumberPart number:
                    text.Append(rules.Write(Number(number.Name, valueOf), number.Style));
                    break;
                case PoundPart:
                    text.Append(pound is double counted ? rules.Write(counted) : "#");
                    break;
                case SelectPart select:
                    IReadOnlyDictionary<string, IReadOnlyList<MessagePart>> cases = select.Cases;
                    string key = AsText(Value(select.Name, valueOf));
                    Write(
                        text,
                        cases.TryGetValue(key, out IReadOnlyList<MessagePart>? chosen)
                            ? chosen
                            : cases["other"],
                        rules,
                        valueOf,
                        pound
                    );
                    break;
                case PluralPart plural:
                    double value = Number(plural.Name, valueOf);
                    Write(
                        text,
                        Chosen(plural, value, rules),
                        rules,
                        valueOf,
                        value - plural.Offset
                    );
                    break;
            }
        }
    }

    private static IReadOnlyList<MessagePart> Chosen(
        PluralPart plural,
        double value,
        LanguageRules rules
    )
    {
        if (plural.Exact.TryGetValue(value, out IReadOnlyList<MessagePart>? exact))
        {
            return exact;
        }
        double counted = value - plural.Offset;
        string category = plural.Ordinal ? rules.Ordinal(counted) : rules.Cardinal(counted);
        return plural.Cases.TryGetValue(category, out IReadOnlyList<MessagePart>? parts)
            ? parts
            : plural.Cases["other"];
    }

    private static object Value(string name, Func<string, object?> valueOf) =>
        valueOf(name)
        ?? throw new ArgumentException($"The argument “{name}” has no value.", nameof(valueOf));

    private static double Number(string name, Func<string, object?> valueOf) =>
        Value(name, valueOf) is double number
            ? number
            : throw new ArgumentException(
                $"The argument “{name}” must be a number.",
                nameof(valueOf)
            );

    private static string AsText(object value) =>
        value is double number
            ? number.ToString("R", CultureInfo.InvariantCulture)
            : value as string ?? "";
}

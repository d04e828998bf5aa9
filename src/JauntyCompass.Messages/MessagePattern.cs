namespace JauntyCompass.Messages;

/// <summary>A pattern of the ICU message syntax, read once and filled in as often as need be.</summary>
public sealed class MessagePattern
{
    private MessagePattern(string text, IReadOnlyList<MessagePart> parts)
    {
        Text = text;
        Parts = parts;
    }

    /// <summary>The pattern as it was written.</summary>
    public string Text { get; }

    /// <summary>Its parts, in order.</summary>
    public IReadOnlyList<MessagePart> Parts { get; }

    /// <summary>Reads a pattern.</summary>
    /// <exception cref="MessageSyntaxException">It cannot be read; the message says where and why.</exception>
    public static MessagePattern Parse(string pattern) =>
        new(pattern, new PatternReader(pattern).Read());

    /// <summary>The arguments it uses, by name, each with how it is used; one that is used in several ways comes once for each.</summary>
    public IEnumerable<(string Name, MessagePart Use)> Arguments() => Used(Parts);

    private static IEnumerable<(string Name, MessagePart Use)> Used(
        IReadOnlyList<MessagePart> parts
    ) =>
        parts.SelectMany(part =>
            part switch
            {
                ArgumentPart argument => [(argument.Name, part)],
                NumberPart number => [(number.Name, part)],
                SelectPart select => select
                    .Cases.Values.SelectMany(Used)
                    .Prepend((select.Name, part)),
                PluralPart plural => plural
                    .Exact.Values.Concat(plural.Cases.Values)
                    .SelectMany(Used)
                    .Prepend((plural.Name, part)),
                _ => Enumerable.Empty<(string, MessagePart)>(),
            }
        );
}

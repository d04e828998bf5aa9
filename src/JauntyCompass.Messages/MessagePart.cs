namespace JauntyCompass.Messages;

/// <summary>A part of a message's pattern.</summary>
public abstract record MessagePart;

/// <summary>Text that stands as it is.</summary>
/// <param name="Text">The text.</param>
public sealed record Literal(string Text) : MessagePart;

/// <summary>The value of an argument, as it is: <c>{name}</c>.</summary>
/// <param name="Name">Name of the argument.</param>
public sealed record ArgumentPart(string Name) : MessagePart;

/// <summary>How a number is written.</summary>
public enum NumberStyle
{
    /// <summary>With at most three decimals.</summary>
    Decimal,

    /// <summary>Without decimals.</summary>
    Integer,

    /// <summary>A hundred times as large, without decimals, with a sign.</summary>
    Percent,
}

/// <summary>A number as the language writes it: <c>{n, number}</c>.</summary>
/// <param name="Name">Name of the argument.</param>
/// <param name="Style">How it is written.</param>
public sealed record NumberPart(string Name, NumberStyle Style) : MessagePart;

/// <summary>The number that a plural is about, less its offset: <c>#</c>.</summary>
public sealed record PoundPart : MessagePart;

/// <summary>One of several texts by a word: <c>{kind, select, acute {…} other {…}}</c>.</summary>
/// <param name="Name">Name of the argument.</param>
/// <param name="Cases">The texts; <c>other</c> is among them.</param>
public sealed record SelectPart(
    string Name,
    IReadOnlyDictionary<string, IReadOnlyList<MessagePart>> Cases
) : MessagePart;

/// <summary>One of several texts by a number: <c>{n, plural, =0 {…} one {…} other {…}}</c>.</summary>
/// <param name="Name">Name of the argument.</param>
/// <param name="Ordinal">Whether it counts places (1st, 2nd) and not things.</param>
/// <param name="Offset">What is taken from the number before its category is looked for.</param>
/// <param name="Exact">The texts for one number each; the offset is not taken from these.</param>
/// <param name="Cases">The texts by category; <c>other</c> is among them.</param>
public sealed record PluralPart(
    string Name,
    bool Ordinal,
    double Offset,
    IReadOnlyDictionary<double, IReadOnlyList<MessagePart>> Exact,
    IReadOnlyDictionary<string, IReadOnlyList<MessagePart>> Cases
) : MessagePart;

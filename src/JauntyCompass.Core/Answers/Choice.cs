using JauntyCompass.Locales;

namespace JauntyCompass.Core.Answers;

/// <summary>One of a few things that can be chosen.</summary>
/// <param name="Key">What the response carries.</param>
/// <param name="Text">What the student reads.</param>
public sealed record Choice(string Key, Message Text) : ExactAnswer
{
    /// <inheritdoc/>
    public override Message Text { get; } = Text;

    // Every other one of those that are offered; the step knows how many.
    /// <inheritdoc/>
    public override int UsualWrong => 1;
}

/// <summary>The name of an angle.</summary>
/// <param name="Letters">As it is written.</param>
public sealed record AngleName(string Letters) : ExactAnswer
{
    /// <summary>A name of three letters, the second at the vertex.</summary>
    public AngleName(string from, string vertex, string to)
        : this($"∠{from}{vertex}{to}") { }

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.AsWritten(Letters);

    // Of four letters in a row or more there are many.
    /// <inheritdoc/>
    public override int UsualWrong => 60;
}

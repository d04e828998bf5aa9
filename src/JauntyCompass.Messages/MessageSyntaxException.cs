namespace JauntyCompass.Messages;

/// <summary>Thrown when a pattern cannot be read.</summary>
/// <param name="pattern">The pattern.</param>
/// <param name="position">Where, in characters from its beginning.</param>
/// <param name="problem">What is wrong, as the rest of a sentence.</param>
public sealed class MessageSyntaxException(string pattern, int position, string problem)
    : FormatException($"At character {position + 1} of “{pattern}”: {problem}")
{
    /// <summary>Where, in characters from the beginning of the pattern.</summary>
    public int Position => position;
}

using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Sums;

/// <summary>Something that is computed from readings.</summary>
public interface ISum
{
    /// <summary>What it comes to, in degrees.</summary>
    double Result { get; }
}

/// <summary>What a mistake in a sum needs to be explained.</summary>
/// <param name="Praise">What was done well with the instrument before, or null.</param>
public sealed record SumContext(Message? Praise);

using JauntyCompass.Core.Lessons;
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
/// <param name="Sum">The sum as it comes out from the readings.</param>
public sealed record SumContext(Message? Praise, ISum Sum)
{
    /// <summary>How a reflex angle was to be found; whichever is handier where it says nothing of that.</summary>
    internal ReflexMethod Way => Sum is ReflexSum reflex ? reflex.Method : ReflexMethod.Handier;
}

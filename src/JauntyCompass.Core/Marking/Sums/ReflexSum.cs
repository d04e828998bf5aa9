using JauntyCompass.Core.Lessons;

namespace JauntyCompass.Core.Marking.Sums;

/// <summary>A reflex angle from the part of it that a half circle shows.</summary>
/// <param name="Part">The part that is read, in degrees.</param>
/// <param name="Method">Taken from 360, or added to 180.</param>
public sealed record ReflexSum(double Part, ReflexMethod Method) : ISum
{
    /// <inheritdoc/>
    public double Result => Method == ReflexMethod.AddTo180 ? 180 + Part : 360 - Part;
}

namespace JauntyCompass.Core.Marking.Sums;

/// <summary>How far something moved, from where it stood before and after.</summary>
/// <param name="First">The reading before, in degrees.</param>
/// <param name="Second">The reading after, in degrees.</param>
public sealed record RangeSum(double First, double Second) : ISum
{
    /// <inheritdoc/>
    public double Result => Math.Abs(Second - First);
}

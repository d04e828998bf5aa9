using JauntyCompass.Core.Exercises.TwoTriangles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.SideRatios;

/// <summary>Two triangles whose sides are measured and compared by their ratios.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Ruler">The ruler.</param>
/// <param name="First">The first triangle.</param>
/// <param name="Second">The second triangle.</param>
public sealed record SideRatiosItem(Message Prompt, Ruler Ruler, Triangle First, Triangle Second)
    : Item(Prompt)
{
    internal TrianglePair Pair => new(First, Second);

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("ruler", Ruler);
        errors.Within("first", First);
        errors.Within("second", Second);
    }
}

/// <summary>Lengths, ratios and what follows from them.</summary>
/// <param name="Ab">AB, in mm.</param>
/// <param name="Bc">BC, in mm.</param>
/// <param name="Ca">CA, in mm.</param>
/// <param name="Pq">PQ, in mm.</param>
/// <param name="Qr">QR, in mm.</param>
/// <param name="Rp">RP, in mm.</param>
/// <param name="RatioAb">How many times AB goes into the side that corresponds to it, as it was typed.</param>
/// <param name="RatioBc">The same for BC.</param>
/// <param name="RatioCa">The same for CA.</param>
/// <param name="Similar">Whether the triangles are similar: <c>yes</c> or <c>no</c>.</param>
/// <param name="Reason">Why: <c>agree</c>, <c>differ</c>, <c>differences</c> or <c>looks</c>.</param>
public sealed record SideRatiosResponse(
    double? Ab = null,
    double? Bc = null,
    double? Ca = null,
    double? Pq = null,
    double? Qr = null,
    double? Rp = null,
    string? RatioAb = null,
    string? RatioBc = null,
    string? RatioCa = null,
    string? Similar = null,
    string? Reason = null
) : Response, IMeasuredSides
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors) => MeasuredSides.Check(this, errors);
}

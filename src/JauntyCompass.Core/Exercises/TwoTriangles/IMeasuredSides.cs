using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Exercises.TwoTriangles;

/// <summary>The sides of two triangles as they were measured, their ratios, and what follows. What is not asked is null.</summary>
public interface IMeasuredSides
{
    /// <summary>AB, in mm.</summary>
    double? Ab { get; }

    /// <summary>BC, in mm.</summary>
    double? Bc { get; }

    /// <summary>CA, in mm.</summary>
    double? Ca { get; }

    /// <summary>PQ, in mm.</summary>
    double? Pq { get; }

    /// <summary>QR, in mm.</summary>
    double? Qr { get; }

    /// <summary>RP, in mm.</summary>
    double? Rp { get; }

    /// <summary>How many times AB goes into the side that corresponds to it, as it was typed.</summary>
    string? RatioAb { get; }

    /// <summary>The same for BC.</summary>
    string? RatioBc { get; }

    /// <summary>The same for CA.</summary>
    string? RatioCa { get; }

    /// <summary>Whether the triangles are similar: <c>yes</c> or <c>no</c>.</summary>
    string? Similar { get; }

    /// <summary>Why: <c>agree</c>, <c>differ</c>, <c>differences</c> or <c>looks</c>.</summary>
    string? Reason { get; }
}

/// <summary>What is measured of two triangles, by side.</summary>
internal static class MeasuredSides
{
    private const double MostLength = 400;
    private const int LongestText = 40;

    /// <summary>The fields of the lengths, by triangle and side.</summary>
    internal static string Field(bool second, int side) =>
        (second, side) switch
        {
            (false, 0) => "ab",
            (false, 1) => "bc",
            (false, _) => "ca",
            (true, 0) => "pq",
            (true, 1) => "qr",
            _ => "rp",
        };

    /// <summary>The fields of the ratios, by side of the first triangle.</summary>
    internal static string RatioField(int side) =>
        side switch
        {
            0 => "ratioAb",
            1 => "ratioBc",
            _ => "ratioCa",
        };

    internal static double? Length(this IMeasuredSides sides, bool second, int side) =>
        (second, side) switch
        {
            (false, 0) => sides.Ab,
            (false, 1) => sides.Bc,
            (false, _) => sides.Ca,
            (true, 0) => sides.Pq,
            (true, 1) => sides.Qr,
            _ => sides.Rp,
        };

    internal static string? Ratio(this IMeasuredSides sides, int side) =>
        side switch
        {
            0 => sides.RatioAb,
            1 => sides.RatioBc,
            _ => sides.RatioCa,
        };

    internal static void Check(IMeasuredSides sides, ValidationErrors errors)
    {
        for (int side = 0; side < 3; side++)
        {
            foreach (bool second in new[] { false, true })
            {
                errors.Range(Field(second, side), sides.Length(second, side) ?? 0, 0, MostLength);
            }
            Typed(RatioField(side), sides.Ratio(side));
        }
        Typed("similar", sides.Similar);
        Typed("reason", sides.Reason);

        void Typed(string field, string? text)
        {
            if (text is not null)
            {
                errors.Text(field, text, 1, LongestText);
            }
        }
    }
}

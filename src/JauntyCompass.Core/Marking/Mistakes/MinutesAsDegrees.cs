using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Each minute mark was taken for one degree.</summary>
public sealed class MinutesAsDegrees()
    : ChoiceMistake("minutes-as-degrees", "took each minute for one degree", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy => "Ask how many degrees a quarter of an hour is.";

    /// <inheritdoc/>
    public override string? Demonstration => "full-circle-turn";

    /// <inheritdoc/>
    public override Feedback Explain(Phrasing say) =>
        new(
            null,
            "Each small mark was counted as one degree.",
            "Sixty minutes go once round, that is 360 degrees: how many degrees is one minute?"
        );
}

using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="NameOneWayOnly"/> is explained.</summary>
public sealed class NameOneWayOnlyExplanation : Explanation<Phrasing, NameOneWayOnly>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.NameOneWayOnly.Happened,
            Text.Mistakes.NameOneWayOnly.Next
        );
}

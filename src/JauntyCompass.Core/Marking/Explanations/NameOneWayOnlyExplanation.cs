using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="NameOneWayOnly"/> is explained.</summary>
public sealed class NameOneWayOnlyExplanation : Explanation<NoContext, NameOneWayOnly>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.NameOneWayOnly.Happened,
            Text.Mistakes.NameOneWayOnly.Next
        );
}

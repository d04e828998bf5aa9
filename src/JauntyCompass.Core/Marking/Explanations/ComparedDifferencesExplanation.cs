using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ComparedDifferences"/> is explained.</summary>
public sealed class ComparedDifferencesExplanation : Explanation<NoContext, ComparedDifferences>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.ComparedDifferences.Happened,
            Text.Mistakes.ComparedDifferences.Next
        );
}

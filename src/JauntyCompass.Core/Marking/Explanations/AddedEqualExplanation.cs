using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="AddedEqual"/> is explained.</summary>
public sealed class AddedEqualExplanation : Explanation<NoContext, AddedEqual>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.AddedEqual.Happened, Text.Mistakes.AddedEqual.Next);
}

using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="SetEqual"/> is explained.</summary>
public sealed class SetEqualExplanation : Explanation<NoContext, SetEqual>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.SetEqual.Happened, Text.Mistakes.SetEqual.Next);
}

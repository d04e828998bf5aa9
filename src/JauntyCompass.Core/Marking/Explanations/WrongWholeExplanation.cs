using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="WrongWhole"/> is explained.</summary>
public sealed class WrongWholeExplanation : Explanation<NoContext, WrongWhole>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.WrongWhole.Happened, Text.Mistakes.WrongWhole.Next);
}

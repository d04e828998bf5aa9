using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The kind that was said and the number that was written cannot both be right, such as “acute, 128”.</summary>
public sealed class KindAgainstNumber()
    : ChoiceMistake("kind-against-number", Text.Mistakes.KindAgainstNumber.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.KindAgainstNumber.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-kind-against-number";

    // What it comes to depends on what else went wrong; that the two disagree is seen without knowing the answer.
    /// <inheritdoc/>
    public override bool CanBeHabit => false;
}

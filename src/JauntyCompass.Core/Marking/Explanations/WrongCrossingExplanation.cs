using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="WrongCrossing"/> is explained.</summary>
public sealed class WrongCrossingExplanation : Explanation<ConstructionReading, WrongCrossing>
{
    /// <inheritdoc/>
    public override Feedback Explain(ConstructionReading reading) =>
        new Feedback(null, Text.Mistakes.WrongCrossing.Happened, Text.Mistakes.WrongCrossing.Next);

    /// <inheritdoc/>
    public override MarkPicture? Draw(ConstructionReading reading) =>
        ConstructionPictures.Here(reading, Text.Mistakes.WrongCrossing.Note);
}

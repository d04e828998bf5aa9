using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OpeningChanged"/> is explained.</summary>
public sealed class OpeningChangedExplanation : Explanation<ConstructionReading, OpeningChanged>
{
    /// <inheritdoc/>
    public override Feedback Explain(ConstructionReading reading) =>
        new Feedback(
            null,
            Text.Mistakes.OpeningChanged.Happened(reading.Size),
            Text.Mistakes.OpeningChanged.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(ConstructionReading reading) =>
        ConstructionPictures.Openings(reading);
}

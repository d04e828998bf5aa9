using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="NeedleOff"/> is explained.</summary>
public sealed class NeedleOffExplanation : Explanation<ConstructionReading, NeedleOff>
{
    /// <inheritdoc/>
    public override Feedback Explain(ConstructionReading reading) =>
        new Feedback(
            null,
            Text.Mistakes.NeedleOff.Happened(reading.Size),
            Text.Mistakes.NeedleOff.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(ConstructionReading reading) =>
        ConstructionPictures.Here(reading, Text.Mistakes.NeedleOff.Note);
}

using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="UnlikeOpenings"/> is explained.</summary>
public sealed class UnlikeOpeningsExplanation : Explanation<ConstructionReading, UnlikeOpenings>
{
    /// <inheritdoc/>
    public override Feedback Explain(ConstructionReading reading) =>
        new Feedback(
            null,
            Text.Mistakes.UnlikeOpenings.Happened(reading.Size),
            Text.Mistakes.UnlikeOpenings.Next
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(ConstructionReading reading) =>
        ConstructionPictures.Openings(reading);
}

using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ArcsTooShort"/> is explained.</summary>
public sealed class ArcsTooShortExplanation : Explanation<ConstructionReading, ArcsTooShort>
{
    /// <inheritdoc/>
    public override Feedback Explain(ConstructionReading reading) =>
        new Feedback(null, Text.Mistakes.ArcsTooShort.Happened, Text.Mistakes.ArcsTooShort.Next);

    /// <inheritdoc/>
    public override MarkPicture? Draw(ConstructionReading reading) =>
        ConstructionPictures.Here(reading, Text.Mistakes.ArcsTooShort.Note);
}

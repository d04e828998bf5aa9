using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="TwoLetters"/> leads to.</summary>
public sealed class TwoLettersPrediction : NamePrediction<TwoLetters>
{
    /// <inheritdoc/>
    public override AngleName? Predict(AngleToName angle) => new($"∠{angle.Start}{angle.Vertex}");
}

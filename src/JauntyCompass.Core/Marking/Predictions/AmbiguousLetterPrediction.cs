using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="AmbiguousLetter"/> leads to.</summary>
public sealed class AmbiguousLetterPrediction : NamePrediction<AmbiguousLetter>
{
    /// <inheritdoc/>
    public override AngleName? Predict(AngleToName angle) =>
        angle.Rays.Count > 2 ? new AngleName($"∠{angle.Vertex}") : null;
}

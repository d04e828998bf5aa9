using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="VertexNotInTheMiddle"/> leads to.</summary>
public sealed class VertexNotInTheMiddlePrediction : NamePrediction<VertexNotInTheMiddle>
{
    /// <inheritdoc/>
    public override AngleName? Predict(AngleToName angle) =>
        new(angle.Vertex, angle.Start, angle.End);
}

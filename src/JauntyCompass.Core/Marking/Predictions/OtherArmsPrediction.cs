using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="OtherArms"/> leads to.</summary>
public sealed class OtherArmsPrediction : NamePrediction<OtherArms>
{
    /// <inheritdoc/>
    public override AngleName? Predict(AngleToName angle) =>
        angle.Rays.FirstOrDefault(r => r.Letter != angle.Start && r.Letter != angle.End)
            is NamedRay other
            ? new AngleName(angle.Start, angle.Vertex, other.Letter)
            : null;
}

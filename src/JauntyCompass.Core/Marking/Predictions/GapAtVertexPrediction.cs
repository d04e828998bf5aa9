using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="GapAtVertex"/> leads to.</summary>
public sealed class GapAtVertexPrediction : InstrumentPrediction<GapAtVertex>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        // A ray that goes through its dot but not through the vertex is turned by just that.
        if (
            figure?.Gap > GapAtVertex.Limit
            && figure.DotMiss <= MissedOwnDot.Limit
            && figure.Strayed is double strayed
        )
        {
            outcomes.Add(strayed);
        }
    }
}

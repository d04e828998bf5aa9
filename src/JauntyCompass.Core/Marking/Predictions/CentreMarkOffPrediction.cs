using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Observations;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="CentreMarkOff"/> leads to.</summary>
public sealed class CentreMarkOffPrediction : InstrumentPrediction<CentreMarkOff>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Laid is not LaidAngle laid || EndOfEdgeAtVertexObservation.IsSeen(laid))
        {
            return;
        }
        bool counts =
            !context.MovedBeforeDot
            && Math.Abs(context.PlacingByCentre) >= PlacingCost.Material
            && Math.Abs(context.PlacingByCentre) >= Math.Abs(context.PlacingByZeroLine);
        if (counts && !laid.Alignment.EdgeOnArm && context.ExpectedReading is double careful)
        {
            outcomes.Add(careful);
        }
    }
}

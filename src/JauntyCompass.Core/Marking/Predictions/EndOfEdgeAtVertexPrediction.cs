using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Observations;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="EndOfEdgeAtVertex"/> leads to.</summary>
public sealed class EndOfEdgeAtVertexPrediction : InstrumentPrediction<EndOfEdgeAtVertex>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Instrument.Shape == ProtractorShape.FullCircle)
        {
            return;
        }
        if (context.Laid is LaidAngle laid)
        {
            if (
                EndOfEdgeAtVertexObservation.IsSeen(laid)
                && context.ExpectedReading is double careful
            )
            {
                outcomes.Add(careful);
            }
        }
        else if (
            context.Activity == Activity.Measuring
            && At(context.Angle, context.Instrument) is double read
        )
        {
            outcomes.Add(read);
        }
    }

    internal static Placement Slid(Angle angle, Protractor protractor, in Placement well) =>
        well with
        {
            Centre = well.Centre.Towards(angle.Start, protractor.HalfLength),
        };

    private static double? At(Angle angle, Protractor protractor)
    {
        if (angle.Measure.Degrees > 180)
        {
            return null;
        }
        Placement well = WellLaid.Over(angle, protractor);
        LaidAngle laid = LaidAngle.Of(
            angle,
            protractor,
            Slid(angle, protractor, well),
            WhichArm.Start
        );
        return laid.Advice.Reading;
    }
}

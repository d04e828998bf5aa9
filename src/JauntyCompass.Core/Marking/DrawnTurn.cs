using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Marking;

/// <summary>How far a drawn ray is turned from its base ray, the way the asked angle opens.</summary>
public static class DrawnTurn
{
    // Asked for 178°, a hand may draw 181°: a hair past the straight line, not 179° the wrong way round.
    private const double PastStraight = 5;

    // Of an angle that is nearly straight, too, what lies a hair past the line went past it, and was not drawn the wrong way round.
    private const double NearlyStraight = 160;

    // A straight angle has no wrong way: what strays from it, on whichever side, only strays. In degrees.
    private const double LeastStraight = 178;
    private const double PastStraightAngle = 30;

    /// <summary>
    /// Degrees from the base ray to a drawn ray, positive the asked way round, in (-180, 210]. Its size is the measure that
    /// was drawn; a negative turn opens the wrong way.
    /// </summary>
    /// <param name="asked">The angle asked for; its start arm is the base ray.</param>
    /// <param name="drawn">Direction of the drawn ray.</param>
    public static double Of(Angle asked, Direction drawn)
    {
        double turn = asked.Start.ShorterTurnTo(drawn) * asked.Opening.Sign();
        double past = turn + 360;
        double measure = asked.Measure.Degrees;
        bool pastStraight =
            turn < 0
            && (
                Math.Abs(past - measure)
                    <= (measure >= LeastStraight ? PastStraightAngle : PastStraight)
                || (measure >= NearlyStraight && past <= 180 + PastStraight)
            );
        return pastStraight ? past : turn;
    }
}

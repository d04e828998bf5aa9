namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>Draw a right angle; it gets a box instead of an arc.</summary>
public sealed class DrawRightAngle()
    : DrawAngle(
        new DemonstrationFacts(
            "draw-right",
            DemonstrationGroup.Drawing,
            "Draw a right angle",
            "Exactly 90°, and a box instead of an arc."
        )
        {
            UsualMeasure = 90,
            LeastMeasure = 90,
            MostMeasure = 90,
            WhyMeasure = "A right angle has exactly 90°.",
        }
    );

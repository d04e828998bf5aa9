using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>Draw a right angle; it gets a box instead of an arc.</summary>
public sealed class DrawRightAngle()
    : DrawAngle(
        new DemonstrationFacts(
            "draw-right",
            DemonstrationGroup.Drawing,
            Text.Demonstrations.DrawRight.Title,
            Text.Demonstrations.DrawRight.Summary
        )
        {
            UsualMeasure = 90,
            LeastMeasure = 90,
            MostMeasure = 90,
            WhyMeasure = Text.Demonstrations.Why.Right,
        }
    );

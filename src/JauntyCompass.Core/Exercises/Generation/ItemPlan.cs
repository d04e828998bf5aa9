using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>What the generator has decided for one item; its kind makes the item of it.</summary>
/// <param name="Angle">The angle, in its place on the sheet.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Names">Letters for its points.</param>
/// <param name="Theme">What the prompt talks about.</param>
/// <param name="Scene">A number that picks one of the theme's scenes.</param>
/// <param name="Random">For what a kind decides by itself; another item has another one.</param>
public sealed record ItemPlan(
    Angle Angle,
    Protractor Instrument,
    AngleNames Names,
    Theme Theme,
    int Scene,
    SeededRandom Random
)
{
    /// <summary>In degrees; what is wrong must lie farther off than this, or it would be accepted.</summary>
    public required double Tolerance { get; init; }

    /// <summary>Whether a drawing begins with an empty sheet: the base ray is the student's, too.</summary>
    public bool DrawsBaseRay { get; init; }

    /// <summary>How reflex angles are found where the set says so; null: any way.</summary>
    public ReflexMethod? Reflex { get; init; }
}

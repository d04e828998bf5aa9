using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>Draw an angle of any measure up to 180°, step by step, and measure it again.</summary>
public class DrawAngle : Demonstration
{
    /// <summary>Any measure up to a straight angle.</summary>
    public DrawAngle()
        : this(
            new DemonstrationFacts(
                "draw",
                DemonstrationGroup.Drawing,
                Text.Demonstrations.Draw.Title,
                Text.Demonstrations.Draw.Summary
            )
            {
                UsualMeasure = 128,
                MostMeasure = 179,
                WhyMeasure = Text.Demonstrations.Why.StraightAndReflex,
            }
        ) { }

    /// <summary>The same steps for a demonstration of its own.</summary>
    private protected DrawAngle(DemonstrationFacts facts)
        : base(facts) { }

    private const string Id = "angle";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (errors.None && OnBase(task) is null)
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NoZero);
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = OnBase(task)!;
        var draw = new DrawingSteps(board, Id, laying);
        var measure = new MeasuringSteps(board, Id, laying);
        Angle asked = task.Angle with { StartLength = draw.ArmLength, EndLength = draw.ArmLength };
        board.Put(
            new Figure(Id, asked)
            {
                Names = task.Names,
                HasEnd = false,
                Mark = OpeningMark.None,
            }
        );
        draw.BaseRay(task.BaseRayGiven);
        draw.Picture(asked);
        measure.CentreAndZeroLine();
        measure.ChooseScale();
        measure.Count();
        draw.Dot();
        draw.SecondRay();
        draw.Label(asked, task.Names);
        draw.Remeasure(asked);
        return board.Script(
            Key,
            Text.Demonstrations.Draw.Named(task.Angle.Measure.Degrees),
            task.Angle.Measure.Degrees,
            task.Instrument
        );
    }

    /// <summary>The instrument laid on the base ray; null when it has no zero for it.</summary>
    internal static StandardPlacement? OnBase(DemonstrationTask task)
    {
        double radius = task.Instrument.EdgeRadius;
        Angle reaching = task.Angle with { StartLength = radius + 13, EndLength = radius + 13 };
        return StandardPlacement.OnStart(reaching, task.Names, task.Instrument);
    }
}

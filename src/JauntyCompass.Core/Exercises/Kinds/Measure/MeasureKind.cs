using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Exercises.Kinds.Measure;

/// <summary>Lay the protractor on and read.</summary>
public sealed class MeasureKind : ExerciseKind<MeasureItem, MeasureResponse>
{
    /// <inheritdoc/>
    public override string Key => "measure";

    /// <inheritdoc/>
    public override string Title => "Measure";

    /// <inheritdoc/>
    public override string Summary => "Lay the protractor on the angle and write the reading.";

    /// <inheritdoc/>
    public override IReadOnlyList<Mistake> Mistakes => MistakeCatalogue.Reading;

    /// <inheritdoc/>
    public override Item Make(ItemPlan plan) =>
        new MeasureItem(
            Scenes.ToMeasure(plan.Theme == Theme.Harbour, plan.Scene, plan.Names),
            plan.Instrument,
            plan.Angle,
            plan.Names
        );

    /// <inheritdoc/>
    protected override Situation Ideal(MeasureItem item) =>
        Situation.Measuring(item.Angle, item.Instrument, placement: null);

    /// <inheritdoc/>
    protected override Mark Mark(MeasureItem item, MeasureResponse response, MarkingRules rules)
    {
        var situation = Situation.Measuring(item.Angle, item.Instrument, response.Placement);
        Mark mark = Judge.Of(situation, figure: null, response.Reading, Mistakes, rules);
        string? doubt = KindAgainstReading(item, response);
        return doubt is null || mark.Verdict == Verdict.Accepted
            ? mark
            : mark with
            {
                Feedback = mark.Feedback with { Next = $"{doubt} {mark.Feedback.Next}" },
            };
    }

    /// <inheritdoc/>
    protected override MeasureResponse Attempt(
        MeasureItem item,
        SimulatedStudent student,
        SeededRandom random
    )
    {
        var attempt = new Attempt(student, random);
        Placement placement = attempt.Lay(item.Angle, item.Instrument);
        LaidAngle laid = LaidAngle.Of(item.Angle, item.Instrument, placement, WhichArm.Start);
        double seen =
            laid.Reading(attempt.ScaleUsed(laid), WhichArm.End) ?? item.Angle.Measure.Degrees;
        int number = (int)Math.Round(Math.Clamp(seen + attempt.Eye(), 0, 180));
        return new MeasureResponse(
            Math.Clamp(attempt.Garble(number), 0, 360),
            item.Angle.Measure.Kind,
            placement
        );
    }

    // The check every teacher asks for: can that number be the kind you said? It needs no knowledge of the answer.
    private static string? KindAgainstReading(MeasureItem item, MeasureResponse response)
    {
        if (response.KindSaid is not AngleKind said)
        {
            return null;
        }
        AngleKind kindRead = new Angles.Measure(response.Reading).Kind;
        return kindRead == said ? null
            : said == item.Angle.Measure.Kind
                ? $"You said {Numbers.Adjective(said)}. Can {Numbers.Degrees(response.Reading)} be that?"
            : $"Look at the opening again: is it really {Numbers.Adjective(said)}?";
    }
}

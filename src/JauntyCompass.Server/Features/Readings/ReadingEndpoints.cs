using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Api.Saying;
using JauntyCompass.Server.Features.Instruments;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Readings;

/// <summary>An angle, an instrument and where it lies; and, for what is said of it, how a class does things.</summary>
public sealed record ReadingsRequest(
    Angle Angle,
    Placement Placement,
    string? InstrumentId = null,
    Protractor? Instrument = null,
    HouseRules? Rules = null
) : InstrumentChoice(InstrumentId, Instrument)
{
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("angle", Angle);
        errors.Within("placement", Placement);
        errors.Within("rules", Rules);
    }
}

/// <summary>Where one arm crosses the graduated edge.</summary>
/// <param name="At">The point on the sheet, in mm.</param>
/// <param name="Bearing">The bearing on the instrument, in degrees, as printed.</param>
/// <param name="DistanceFromVertex">How far along the arm, in mm.</param>
/// <param name="Reaches">Whether the arm as drawn gets there.</param>
/// <param name="Shortfall">How many mm are missing; 0 when it reaches.</param>
/// <param name="OnGraduations">Whether the edge is graduated there.</param>
public sealed record CrossingReply(
    Point At,
    double Bearing,
    double DistanceFromVertex,
    bool Reaches,
    double Shortfall,
    bool OnGraduations
)
{
    internal static CrossingReply? Of(Crossing? crossing) =>
        crossing is Crossing c
            ? new CrossingReply(
                c.At,
                c.Bearing,
                c.DistanceFromVertex,
                c.Reaches,
                c.Shortfall,
                c.OnGraduations
            )
            : null;
}

/// <summary>What one scale reads on both arms, in degrees; null where it has no graduations.</summary>
public sealed record ScaleReadingReply(string Scale, double? Start, double? End);

/// <summary>What the house rule "start at zero" says.</summary>
/// <param name="Scale">The scale to use, or null when the rule names none.</param>
/// <param name="Reason">Why, as a key.</param>
/// <param name="Why">Why, as a sentence.</param>
/// <param name="Reading">What that scale reads on the other arm, in degrees.</param>
public sealed record AdviceReply(string? Scale, AdviceReason Reason, Message Why, double? Reading);

/// <summary>What following one house rule comes to.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="Scale">The scale it names, or null.</param>
/// <param name="Reading">What that scale reads, in degrees.</param>
/// <param name="Reason">Why it names that scale, or none.</param>
public sealed record RuleReadingReply(
    ScaleRule Rule,
    string? Scale,
    double? Reading,
    RuleReason Reason
)
{
    internal static RuleReadingReply Of(ScaleRule rule, in LaidAngle laid)
    {
        RuleAnswer answer = ScaleRules.Follow(rule, laid);
        return new RuleReadingReply(
            rule,
            answer.ScaleIndex < 0 ? null : laid.Protractor.Scales[answer.ScaleIndex].Id,
            answer.Reading,
            answer.Reason
        );
    }
}

/// <summary>The numbers that stand on each arm to the nearest degree, scale by scale; empty where there are no graduations.</summary>
public sealed record StandingReply(IReadOnlyList<Message> Start, IReadOnlyList<Message> End);

/// <summary>All that a laid instrument shows.</summary>
/// <param name="Kind">Kind of the angle.</param>
/// <param name="Start">Crossing of the start arm; null when its line never meets the edge.</param>
/// <param name="End">Crossing of the end arm; null when its line never meets the edge.</param>
/// <param name="Scales">What each scale reads.</param>
/// <param name="Alignment">How well it is lined up.</param>
/// <param name="Advice">Which scale to use, and why.</param>
/// <param name="Rules">What someone who follows each house rule would answer.</param>
/// <param name="Lying">How it lies, as it is read out; without what it shows.</param>
/// <param name="Standing">The numbers that stand on each arm, as they are read out.</param>
/// <param name="CarefulReading">What a careful reader gets here, in degrees; null when the placement gives nothing.</param>
public sealed record ReadingsReply(
    AngleKind Kind,
    CrossingReply? Start,
    CrossingReply? End,
    IReadOnlyList<ScaleReadingReply> Scales,
    Alignment Alignment,
    AdviceReply Advice,
    IReadOnlyList<RuleReadingReply> Rules,
    Message Lying,
    StandingReply Standing,
    double? CarefulReading
);

public static class ReadingEndpoints
{
    public static void MapReadings(this RouteGroupBuilder api) =>
        api.MapPost("/readings", Read)
            .WithName("TakeReadings")
            .WithSummary(
                "What a protractor shows as it lies: crossings, reach, every scale's reading, alignment, and which scale to use."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(
                new ReadingsRequest(Examples.Angle, Examples.Placement, Examples.Instrument)
            );

    private static Ok<ReadingsReply> Read(ReadingsRequest request, Speaker speaker)
    {
        speaker.ToStudentOf(request.Rules ?? HouseRules.Usual);
        LaidAngle laid = LaidAngle.Of(request.Angle, request.Chosen, request.Placement);
        var scales = new List<ScaleReadingReply>();
        for (int i = 0; i < laid.Protractor.Scales.Count; i++)
        {
            scales.Add(
                new ScaleReadingReply(
                    laid.Protractor.Scales[i].Id,
                    laid.Reading(i, WhichArm.Start),
                    laid.Reading(i, WhichArm.End)
                )
            );
        }
        var rules = new List<RuleReadingReply>();
        foreach (ScaleRule rule in Enum.GetValues<ScaleRule>())
        {
            rules.Add(RuleReadingReply.Of(rule, laid));
        }
        ScaleAdvice advice = laid.Advice;
        return TypedResults.Ok(
            new ReadingsReply(
                request.Angle.Measure.Kind,
                CrossingReply.Of(laid.StartCrossing),
                CrossingReply.Of(laid.EndCrossing),
                scales,
                laid.Alignment,
                new AdviceReply(
                    advice.ScaleIndex < 0 ? null : laid.Protractor.Scales[advice.ScaleIndex].Id,
                    advice.Reason,
                    AdviceSentences.Why(laid),
                    advice.Reading
                ),
                rules,
                PlacementSentences.Lying(laid),
                new StandingReply(
                    PlacementSentences.Standing(laid, WhichArm.Start),
                    PlacementSentences.Standing(laid, WhichArm.End)
                ),
                laid.CarefulReading
            )
        );
    }
}

using JauntyCompass.Core.Validation;
using JauntyCompass.Server.Api;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.School;

/// <summary>How the school is to have it.</summary>
/// <param name="TeachersMayRegister">Whether teachers may make their own accounts, without an invitation.</param>
/// <param name="KeepAnswersMonths">How many months answers are kept, 1 to 120.</param>
/// <param name="KeepArchivedMonths">How many months archived classes are kept, 1 to 120.</param>
public sealed record SchoolChange(
    bool TeachersMayRegister,
    int KeepAnswersMonths,
    int KeepArchivedMonths
) : IValidatable
{
    private const int LongestMonths = 120;

    public void Validate(ValidationErrors errors)
    {
        errors.Range("keepAnswersMonths", KeepAnswersMonths, 1, LongestMonths, Unit.Months);
        errors.Range("keepArchivedMonths", KeepArchivedMonths, 1, LongestMonths, Unit.Months);
    }
}

public static class SchoolEndpoints
{
    public static void MapSchool(this RouteGroupBuilder api) =>
        api.MapGet("/school", Current)
            .WithName("GetSchool")
            .WithSummary(
                "What anybody may know of the school: how long things are kept, and whether all is made up."
            )
            .WithTags("School");

    public static void MapSchoolSettings(this RouteGroupBuilder head) =>
        head.MapPut("/school", Change)
            .WithName("ChangeSchool")
            .WithSummary("Changes how the school has it.")
            .WithTags("School")
            .ProducesValidationProblem()
            .WithExample(new SchoolChange(false, 24, 12));

    private static async Task<Ok<SchoolReply>> Current(
        SchoolSettings settings,
        CancellationToken cancellation
    ) => TypedResults.Ok(await settings.Get(cancellation));

    private static async Task<Ok<SchoolReply>> Change(
        SchoolChange change,
        SchoolSettings settings,
        CancellationToken cancellation
    )
    {
        await settings.Change(change, cancellation);
        return TypedResults.Ok(await settings.Get(cancellation));
    }
}

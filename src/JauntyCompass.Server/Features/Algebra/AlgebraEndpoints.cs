using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Algebra;

/// <summary>What a line of algebra is meant to be.</summary>
public enum LineOfAlgebra
{
    /// <summary>An equation in x.</summary>
    Equation,

    /// <summary>A number, exact.</summary>
    Number,
}

/// <summary>A line of algebra to be read.</summary>
/// <param name="Line">As it was typed; at most 120 characters.</param>
/// <param name="As">What it is meant to be.</param>
public sealed record ReadLine(string Line, LineOfAlgebra As) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Text("line", Line, 1, AlgebraReader.Longest);
        errors.Known("as", As);
    }
}

/// <summary>How a line was read; or why it could not be.</summary>
/// <param name="Read">As it is read, written plainly; null where it could not be.</param>
/// <param name="Problem">Why it could not be read; null where it was.</param>
/// <param name="At">How many characters stand before the place that could not be read; null where it was.</param>
public sealed record LineReply(string? Read, Message? Problem, int? At)
{
    internal static LineReply Of<T>(Parsed<T> parsed, Func<T, string> written)
        where T : class =>
        parsed.IsRead
            ? new(written(parsed.Value), null, null)
            : new(null, parsed.Problem.Text, parsed.Problem.At);
}

public static class AlgebraEndpoints
{
    public static void MapAlgebra(this RouteGroupBuilder api) =>
        api.MapPost("/algebra/lines", Read)
            .WithName("ReadLineOfAlgebra")
            .WithSummary(
                "How a line of algebra is read, or why it cannot be, and where. Says nothing of whether it is right."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(new ReadLine("3x + 2 + x = 90", LineOfAlgebra.Equation));

    private static Ok<LineReply> Read(ReadLine request) =>
        TypedResults.Ok(
            request.As == LineOfAlgebra.Equation
                ? LineReply.Of(AlgebraReader.Equation(request.Line), e => e.Equation.ToString())
                : LineReply.Of(AlgebraReader.Number(request.Line), n => ExactNumber.Write(n.Value))
        );
}

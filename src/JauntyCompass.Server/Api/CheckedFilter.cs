using JauntyCompass.Core.Validation;

namespace JauntyCompass.Server.Api;

/// <summary>Lets no request through whose values are outside their allowed ranges.</summary>
public sealed class CheckedFilter : IEndpointFilter
{
    public async ValueTask<object?> InvokeAsync(
        EndpointFilterInvocationContext context,
        EndpointFilterDelegate next
    )
    {
        foreach (object? argument in context.Arguments)
        {
            if (
                argument is IValidatable value
                && ValidationErrors.Of(value) is { None: false } errors
            )
            {
                return Problems.Invalid(errors.Found);
            }
        }
        return await next(context);
    }
}

using JauntyCompass.Core.Checking;

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
            if (argument is IChecked value && Faults.Of(value) is { None: false } faults)
            {
                return Problems.Invalid(faults.Found);
            }
        }
        return await next(context);
    }
}

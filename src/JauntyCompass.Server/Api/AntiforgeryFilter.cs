using Microsoft.AspNetCore.Antiforgery;

namespace JauntyCompass.Server.Api;

/// <summary>Refuses a changing request without the anti-forgery token of the session it is made in.</summary>
public sealed class AntiforgeryFilter(IAntiforgery antiforgery) : IEndpointFilter
{
    public async ValueTask<object?> InvokeAsync(
        EndpointFilterInvocationContext context,
        EndpointFilterDelegate next
    )
    {
        if (!HttpMethods.IsGet(context.HttpContext.Request.Method))
        {
            await antiforgery.ValidateRequestAsync(context.HttpContext);
        }
        return await next(context);
    }
}

namespace JauntyCompass.Server.Api;

/// <summary>Headers that keep pages to themselves: nothing inline, nothing from elsewhere, nothing framed.</summary>
public static class SecurityHeaders
{
    private const string ContentSecurityPolicy =
        "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; "
        + "object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public static void UseSecurityHeaders(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                // Set at the last moment: the error handler clears what was set before it.
                context.Response.OnStarting(() =>
                {
                    IHeaderDictionary headers = context.Response.Headers;
                    headers.ContentSecurityPolicy = ContentSecurityPolicy;
                    headers.XContentTypeOptions = "nosniff";
                    headers["Referrer-Policy"] = "no-referrer";
                    headers["Cross-Origin-Opener-Policy"] = "same-origin";
                    headers["Permissions-Policy"] = "camera=(), microphone=(), geolocation=()";
                    return Task.CompletedTask;
                });
                return next(context);
            }
        );
}

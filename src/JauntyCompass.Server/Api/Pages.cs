using Microsoft.Extensions.FileProviders;

namespace JauntyCompass.Server.Api;

/// <summary>Serves the built front end: one page per room, and its files compressed and with entity tags as the build made them.</summary>
public static class Pages
{
    private const string Forever = "public, max-age=31536000, immutable";

    private static readonly Dictionary<string, string> Rooms = new()
    {
        ["/"] = "/index.html",
        ["/board"] = "/board.html",
        ["/bench"] = "/bench.html",
        ["/desk"] = "/desk.html",
        ["/privacy"] = "/privacy.html",
    };

    /// <summary>Each room has an address without an ending.</summary>
    public static void UseRooms(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                string path = context.Request.Path.Value ?? "/";
                string trimmed = path.Length > 1 ? path.TrimEnd('/') : path;
                if (Rooms.TryGetValue(trimmed, out string? page))
                {
                    context.Request.Path = page;
                }
                else if (path.StartsWith("/assets/", StringComparison.Ordinal))
                {
                    // These carry a hash of their contents in their names; whatever else changes under its name is asked for again.
                    context.Response.OnStarting(() =>
                    {
                        if (context.Response.StatusCode == StatusCodes.Status200OK)
                        {
                            context.Response.Headers.CacheControl = Forever;
                        }
                        return Task.CompletedTask;
                    });
                }
                return next(context);
            }
        );

    /// <summary>
    /// Answers a browser that looks for a page that is not there with one that says so. False for everything else: programs are told in
    /// problem details.
    /// </summary>
    internal static async Task<bool> SendLostAsync(HttpContext context)
    {
        bool asksForPage =
            context.Response.StatusCode == StatusCodes.Status404NotFound
            && HttpMethods.IsGet(context.Request.Method)
            && !context.Request.Path.StartsWithSegments("/api")
            && context
                .Request.GetTypedHeaders()
                .Accept.Any(accepted => accepted.MediaType == "text/html");
        IFileInfo page = context
            .RequestServices.GetRequiredService<IWebHostEnvironment>()
            .WebRootFileProvider.GetFileInfo("lost.html");
        if (!asksForPage || !page.Exists)
        {
            return false;
        }
        context.Response.ContentType = "text/html; charset=utf-8";
        await context.Response.SendFileAsync(page, context.RequestAborted);
        return true;
    }

    /// <summary>The files themselves; none where the front end has not been built.</summary>
    public static void MapPages(this WebApplication app)
    {
        string manifest = Path.Combine(
            AppContext.BaseDirectory,
            "JauntyCompass.Server.staticwebassets.endpoints.json"
        );
        if (File.Exists(manifest))
        {
            app.MapStaticAssets(manifest);
        }
    }
}

using Microsoft.AspNetCore.StaticFiles;

namespace JauntyCompass.Server.Api;

/// <summary>Serves the built front end: one page per room, and its files in the compressed form made at build time.</summary>
public static class Pages
{
    private static readonly Dictionary<string, string> Rooms = new()
    {
        ["/"] = "/index.html",
        ["/board"] = "/board.html",
        ["/bench"] = "/bench.html",
        ["/desk"] = "/desk.html",
    };

    public static void UsePages(this WebApplication app)
    {
        app.Use(
            (context, next) =>
            {
                string path = context.Request.Path.Value ?? "/";
                string trimmed = path.Length > 1 ? path.TrimEnd('/') : path;
                if (Rooms.TryGetValue(trimmed, out string? page))
                {
                    context.Request.Path = page;
                }
                PreferCompressed(context, app.Environment);
                return next(context);
            }
        );
        app.UseStaticFiles(
            new StaticFileOptions { OnPrepareResponse = SetHeaders, ServeUnknownFileTypes = true }
        );
    }

    private static void PreferCompressed(HttpContext context, IWebHostEnvironment environment)
    {
        string path = context.Request.Path.Value ?? "";
        bool wanted = context
            .Request.Headers.AcceptEncoding.ToString()
            .Contains("br", StringComparison.Ordinal);
        if (wanted && environment.WebRootFileProvider.GetFileInfo(path + ".br").Exists)
        {
            context.Request.Path = path + ".br";
        }
    }

    private static void SetHeaders(StaticFileResponseContext served)
    {
        IHeaderDictionary headers = served.Context.Response.Headers;
        string path = served.Context.Request.Path.Value ?? "";
        if (path.EndsWith(".br", StringComparison.Ordinal))
        {
            new FileExtensionContentTypeProvider().TryGetContentType(path[..^3], out string? type);
            headers.ContentType = type ?? "application/octet-stream";
            headers.ContentEncoding = "br";
        }
        headers.Vary = "Accept-Encoding";
        // Files under /assets carry a hash of their contents in their names; pages do not.
        headers.CacheControl = path.StartsWith("/assets/", StringComparison.Ordinal)
            ? "public, max-age=31536000, immutable"
            : "no-cache";
    }
}

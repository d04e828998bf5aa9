using System.Net;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using Microsoft.AspNetCore.HostFiltering;
using Microsoft.AspNetCore.HttpOverrides;

namespace JauntyCompass.Server.Operations;

/// <summary>The web server in front: what it says of a request's address, name and TLS; and the names this one answers to.</summary>
public static class Proxies
{
    /// <summary>Configuration: addresses of web servers in front that are believed, by semicolons; usually this machine alone.</summary>
    public const string Trusted = "TrustedProxies";

    /// <summary>Configuration: names by which this server may be asked for, by semicolons; * for any.</summary>
    public const string Hosts = "AllowedHosts";

    public static void AddProxies(this IServiceCollection services, IConfiguration configuration)
    {
        services.Configure<ForwardedHeadersOptions>(options =>
        {
            options.ForwardedHeaders =
                ForwardedHeaders.XForwardedFor
                | ForwardedHeaders.XForwardedProto
                | ForwardedHeaders.XForwardedHost;
            foreach (string address in Listed(configuration[Trusted]))
            {
                options.KnownProxies.Add(IPAddress.Parse(address));
            }
        });
        services.AddHsts(options => options.MaxAge = TimeSpan.FromDays(365));
        // The framework's own check answers before anything can say why.
        services.PostConfigure<HostFilteringOptions>(options => options.AllowedHosts = ["*"]);
    }

    /// <summary>Refuses requests for another server's name.</summary>
    public static void UseKnownHosts(this WebApplication app)
    {
        string[] known = Listed(app.Configuration[Hosts]);
        bool any = known.Length == 0 || known.Contains("*");
        app.UseHsts();
        app.Use(
            (context, next) =>
                any || known.Contains(context.Request.Host.Host, StringComparer.OrdinalIgnoreCase)
                    ? next(context)
                    : Problems
                        .Of(
                            StatusCodes.Status400BadRequest,
                            Text.Problems.OtherHost,
                            Text.Problems.OtherHostDetail
                        )
                        .ExecuteAsync(context)
        );
    }

    private static string[] Listed(string? setting) =>
        setting?.Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
        ?? [];
}

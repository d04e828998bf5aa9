using Npgsql;
using OpenTelemetry.Logs;
using OpenTelemetry.Metrics;
using OpenTelemetry.Resources;
using OpenTelemetry.Trace;

namespace JauntyCompass.Server.Operations;

/// <summary>
/// OpenTelemetry: metrics, traces and structured logs, sent where OTEL_EXPORTER_OTLP_ENDPOINT says, and nowhere until it does. They
/// hold routes, times and counts; no name, no answer, no address of a device.
/// </summary>
public static class Observing
{
    /// <summary>Configuration: where to send; the name every OpenTelemetry program knows.</summary>
    public const string Endpoint = "OTEL_EXPORTER_OTLP_ENDPOINT";

    // What says who asked, and from where.
    private static readonly string[] Personal =
    [
        "client.address",
        "network.peer.address",
        "network.peer.port",
        "user_agent.original",
        "url.path",
        "url.query",
        "url.full",
        "db.statement",
        "db.query.text",
    ];

    public static void AddObserving(this WebApplicationBuilder builder)
    {
        if (string.IsNullOrEmpty(builder.Configuration[Endpoint]))
        {
            return;
        }
        builder
            .Services.AddOpenTelemetry()
            .ConfigureResource(resource => resource.AddService("jaunty-compass"))
            .WithMetrics(metrics =>
                metrics
                    .AddAspNetCoreInstrumentation()
                    .AddRuntimeInstrumentation()
                    .AddNpgsqlInstrumentation()
                    .AddOtlpExporter()
            )
            .WithTracing(tracing =>
                tracing
                    .AddAspNetCoreInstrumentation(options =>
                        options.EnrichWithHttpResponse = (activity, _) =>
                        {
                            foreach (string tag in Personal)
                            {
                                activity.SetTag(tag, null);
                            }
                        }
                    )
                    .AddNpgsql()
                    .AddOtlpExporter()
            )
            .WithLogging(logging => logging.AddOtlpExporter());
    }
}

using System.Diagnostics;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Connections.Features;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Mvc;

namespace JauntyCompass.Server.Api;

/// <summary>
/// Requests that the web server refuses before any of our code sees them, such as an address with a zero byte in it. It would
/// answer them with a bare status; they get problem details, too, on the connection that it closes after that.
/// </summary>
public static class UnreadableTargets
{
    private const string Refused = "Microsoft.AspNetCore.Server.Kestrel.BadRequest";

    private static readonly byte[] Reply = Encoding.UTF8.GetBytes(Written());

    public static void UseUnreadableTargets(this WebApplication app) =>
        app
            .Services.GetRequiredService<DiagnosticListener>()
            .Subscribe(new Answer(), (name, _, _) => name == Refused);

    private static string Written()
    {
        string body = JsonSerializer.Serialize(
            new ProblemDetails
            {
                Type = "https://tools.ietf.org/html/rfc9110#section-15.5.1",
                Status = StatusCodes.Status400BadRequest,
                Title = "The request cannot be read.",
                Detail =
                    "Its address or one of its headers is not well formed. /openapi/v1.json lists the addresses there are.",
            },
            JsonSerializerOptions.Web
        );
        return string.Join(
            "\r\n",
            "HTTP/1.1 400 Bad Request",
            "Content-Type: application/problem+json",
            $"Content-Length: {Encoding.UTF8.GetByteCount(body)}",
            "Connection: close",
            "",
            body
        );
    }

    private sealed class Answer : IObserver<KeyValuePair<string, object?>>
    {
        public void OnNext(KeyValuePair<string, object?> value)
        {
            if (
                value.Key == Refused
                && value.Value is IFeatureCollection features
                && features.Get<IHttpResponseFeature>()
                    is { HasStarted: false, StatusCode: StatusCodes.Status400BadRequest }
                && features.Get<IConnectionTransportFeature>() is { } connection
            )
            {
                // Into the connection's own buffer; the web server sends it with what it does next.
                Reply.CopyTo(connection.Transport.Output.GetSpan(Reply.Length));
                connection.Transport.Output.Advance(Reply.Length);
            }
        }

        public void OnCompleted() { }

        public void OnError(Exception error) { }
    }
}

using System.Buffers;
using System.Diagnostics;
using System.Text;
using System.Text.Json;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Microsoft.AspNetCore.Connections.Features;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.WebUtilities;

namespace JauntyCompass.Server.Api;

/// <summary>
/// Requests that the web server refuses before any of our code sees them, such as an address with a zero byte in it. It would
/// answer them with a bare status; they get problem details, too, on the connection that it closes after that.
/// </summary>
public static class UnreadableTargets
{
    private const string Refused = "Microsoft.AspNetCore.Server.Kestrel.BadRequest";

    public static void UseUnreadableTargets(this WebApplication app) =>
        app
            .Services.GetRequiredService<DiagnosticListener>()
            .Subscribe(new Answer(), (name, _, _) => name == Refused);

    private static byte[] Reply(int status)
    {
        string body = JsonSerializer.Serialize(
            new ProblemDetails
            {
                Status = status,
                Title = Phrasing.Usual.Say(Text.Problems.Unreadable),
                Detail = status switch
                {
                    StatusCodes.Status414UriTooLong => Phrasing.Usual.Say(
                        Text.Problems.AddressTooLong
                    ),
                    StatusCodes.Status431RequestHeaderFieldsTooLarge => Phrasing.Usual.Say(
                        Text.Problems.HeadersTooLong
                    ),
                    StatusCodes.Status408RequestTimeout => Phrasing.Usual.Say(
                        Text.Problems.TooSlow
                    ),
                    _ => Phrasing.Usual.Say(Text.Problems.NotWellFormed),
                },
            },
            JsonSerializerOptions.Web
        );
        return Encoding.UTF8.GetBytes(
            string.Join(
                "\r\n",
                $"HTTP/1.1 {status} {ReasonPhrases.GetReasonPhrase(status)}",
                "Content-Type: application/problem+json",
                $"Content-Length: {Encoding.UTF8.GetByteCount(body)}",
                "Connection: close",
                "",
                body
            )
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
                    is { HasStarted: false, StatusCode: >= 400 and var status }
                && features.Get<IConnectionTransportFeature>() is { } connection
            )
            {
                // Into the connection's own buffer; the web server sends it with what it does next.
                connection.Transport.Output.Write(Reply(status));
            }
        }

        public void OnCompleted() { }

        public void OnError(Exception error) { }
    }
}

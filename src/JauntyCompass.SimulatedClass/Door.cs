using System.Net.Http.Headers;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Exercises;

namespace JauntyCompass.SimulatedClass;

/// <summary>One browser's worth of a connection: cookies, the anti-forgery token, JSON both ways.</summary>
internal sealed class Door : IDisposable
{
    private const string TokenHeader = "X-Jaunty-Token";
    private readonly HttpClient _client;
    private readonly string _session;
    private readonly Dictionary<string, string> _cookies = [];

    /// <param name="address">Where the application is.</param>
    /// <param name="session">Path at which a session is begun: the teacher's or the student's.</param>
    internal Door(Uri address, string session)
    {
        // Three hundred of them share the processors with what they try: cookies are kept by hand, and nobody traces.
        _client = new HttpClient(
            new SocketsHttpHandler { UseCookies = false, ActivityHeadersPropagator = null }
        )
        {
            BaseAddress = new Uri(address, "/api/v1/"),
            DefaultRequestHeaders =
            {
                Accept = { new MediaTypeWithQualityHeaderValue("application/json") },
            },
        };
        _session = session;
    }

    /// <summary>Signs in.</summary>
    internal async Task EnterAsync(object who)
    {
        Take(await GetAsync(_session));
        Take(await PostAsync(_session, who));
    }

    internal async Task<JsonNode> GetAsync(string path) =>
        Read(await SendAsync(HttpMethod.Get, path, null));

    internal async Task<JsonNode> PostAsync(string path, object body) =>
        Read(await PostAsync(path, Written(body)));

    /// <summary>A body as it is sent.</summary>
    internal static byte[] Written(object body) =>
        JsonSerializer.SerializeToUtf8Bytes(body, body.GetType(), ExerciseJson.Options);

    /// <summary>Sends something the reply to which need not be looked into.</summary>
    internal Task<byte[]> PostAsync(string path, byte[] body)
    {
        // Of known length: a browser does not send it in chunks either.
        var content = new ByteArrayContent(body);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/json");
        return SendAsync(HttpMethod.Post, path, content);
    }

    public void Dispose() => _client.Dispose();

    private void Take(JsonNode session)
    {
        _client.DefaultRequestHeaders.Remove(TokenHeader);
        _client.DefaultRequestHeaders.Add(
            TokenHeader,
            session["antiforgeryToken"]!.GetValue<string>()
        );
    }

    private void Keep(HttpResponseMessage reply)
    {
        if (!reply.Headers.TryGetValues("Set-Cookie", out IEnumerable<string>? cookies))
        {
            return;
        }
        foreach (string cookie in cookies)
        {
            string pair = cookie.Split(';')[0];
            int sign = pair.IndexOf('=', StringComparison.Ordinal);
            _cookies[pair[..sign]] = pair[(sign + 1)..];
        }
        _client.DefaultRequestHeaders.Remove("Cookie");
        _client.DefaultRequestHeaders.Add(
            "Cookie",
            string.Join("; ", _cookies.Select(c => $"{c.Key}={c.Value}"))
        );
    }

    private static JsonNode Read(byte[] reply) =>
        reply.Length == 0 ? new JsonObject() : JsonNode.Parse(reply)!;

    private async Task<byte[]> SendAsync(HttpMethod method, string path, HttpContent? content)
    {
        using var request = new HttpRequestMessage(method, path) { Content = content };
        using HttpResponseMessage reply = await _client.SendAsync(request);
        Keep(reply);
        byte[] body = await reply.Content.ReadAsByteArrayAsync();
        return reply.IsSuccessStatusCode
            ? body
            : throw new HttpRequestException(
                $"{method} {path}: {(int)reply.StatusCode} {Encoding.UTF8.GetString(body)}"
            );
    }
}

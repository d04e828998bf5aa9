using System.Net;
using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Exercises;

namespace JauntyCompass.SimulatedClass;

/// <summary>One browser's worth of a connection: cookies, the anti-forgery token, JSON both ways.</summary>
internal sealed class Door : IDisposable
{
    private const string TokenHeader = "X-Jaunty-Token";
    private readonly HttpClient _client;
    private readonly string _session;

    /// <param name="address">Where the application is.</param>
    /// <param name="session">Path at which a session is begun: the teacher's or the student's.</param>
    internal Door(Uri address, string session)
    {
        _client = new HttpClient(
            new SocketsHttpHandler { CookieContainer = new CookieContainer(), UseCookies = true }
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

    internal Task<JsonNode> GetAsync(string path) => SendAsync(HttpMethod.Get, path, null);

    internal Task<JsonNode> PostAsync(string path, object body) =>
        SendAsync(
            HttpMethod.Post,
            path,
            JsonContent.Create(body, body.GetType(), options: ExerciseJson.Options)
        );

    public void Dispose() => _client.Dispose();

    private void Take(JsonNode session)
    {
        _client.DefaultRequestHeaders.Remove(TokenHeader);
        _client.DefaultRequestHeaders.Add(
            TokenHeader,
            session["antiforgeryToken"]!.GetValue<string>()
        );
    }

    private async Task<JsonNode> SendAsync(HttpMethod method, string path, HttpContent? content)
    {
        using var request = new HttpRequestMessage(method, path) { Content = content };
        using HttpResponseMessage reply = await _client.SendAsync(request);
        string text = await reply.Content.ReadAsStringAsync();
        return reply.IsSuccessStatusCode
            ? JsonNode.Parse(text.Length == 0 ? "{}" : text)!
            : throw new HttpRequestException($"{method} {path}: {(int)reply.StatusCode} {text}");
    }
}

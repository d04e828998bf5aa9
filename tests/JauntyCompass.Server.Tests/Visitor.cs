using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace JauntyCompass.Server.Tests;

public sealed record Reply(
    HttpStatusCode Status,
    string? Type,
    JsonNode? Body,
    TimeSpan? RetryAfter = null
)
{
    public JsonNode this[string name] =>
        Body?[name]
        ?? throw new InvalidOperationException(
            $"There is no {name} in the reply {Status}: {Body?.ToJsonString()}"
        );

    public string Text(string name) => this[name].GetValue<string>();
}

/// <summary>A browser of the tests: keeps cookies and sends the anti-forgery tokens of both rooms.</summary>
public sealed class Visitor : IDisposable
{
    private readonly HttpClient _http;
    private readonly Dictionary<bool, string> _tokens = [];

    /// <param name="server">The server.</param>
    /// <param name="from">The address it seems to come from, through a web server in front; left out: this machine.</param>
    /// <param name="scheme">How the web server in front was asked.</param>
    /// <param name="cookies">The cookies it has; left out: none.</param>
    public Visitor(
        JauntyServer server,
        string? from = null,
        string? scheme = null,
        CookieContainer? cookies = null
    )
    {
        Cookies = cookies ?? new CookieContainer();
        _http = new HttpClient(new HttpClientHandler { CookieContainer = Cookies })
        {
            BaseAddress = server.Address,
            // Three hundred who sign in at once are verified two at a time, while other tests run.
            Timeout = TimeSpan.FromSeconds(60),
        };
        if (from is not null)
        {
            _http.DefaultRequestHeaders.Add("X-Forwarded-For", from);
        }
        if (scheme is not null)
        {
            _http.DefaultRequestHeaders.Add("X-Forwarded-Proto", scheme);
        }
    }

    public CookieContainer Cookies { get; }

    /// <summary>What its browser asks to be spoken to in, as Accept-Language; null: it does not say.</summary>
    public string? Speaks { get; init; }

    /// <summary>Another browser with copies of this one's cookies and tokens as they are now.</summary>
    public Visitor Copy(JauntyServer server)
    {
        var cookies = new CookieContainer();
        cookies.Add(Cookies.GetAllCookies());
        var copy = new Visitor(server, cookies: cookies);
        foreach ((bool bench, string token) in _tokens)
        {
            copy._tokens[bench] = token;
        }
        return copy;
    }

    public bool SendTokens { get; set; } = true;

    public Task<Reply> Get(string path) => Send(HttpMethod.Get, path, null);

    public Task<Reply> Post(string path, JsonNode? body) =>
        Send(HttpMethod.Post, path, body is null ? null : JsonContent.Create(body));

    public Task<Reply> PostText(string path, string body) =>
        Send(HttpMethod.Post, path, new StringContent(body, Encoding.UTF8, "application/json"));

    public Task<Reply> Put(string path, JsonNode body) =>
        Send(HttpMethod.Put, path, JsonContent.Create(body));

    public Task<Reply> Patch(string path, JsonNode body) =>
        Send(HttpMethod.Patch, path, JsonContent.Create(body));

    public Task<Reply> Delete(string path) => Send(HttpMethod.Delete, path, null);

    public async Task<Reply> Send(HttpMethod method, string path, HttpContent? content)
    {
        string full = path.StartsWith('/') ? path : $"/api/v1/{path}";
        using var request = new HttpRequestMessage(method, full) { Content = content };
        bool bench = full.Contains("/bench", StringComparison.Ordinal);
        if (SendTokens && _tokens.TryGetValue(bench, out string? token))
        {
            request.Headers.Add("X-Jaunty-Token", token);
        }
        if (Speaks is not null)
        {
            request.Headers.TryAddWithoutValidation("Accept-Language", Speaks);
        }
        using HttpResponseMessage response = await _http.SendAsync(request);
        string text = await response.Content.ReadAsStringAsync();
        string? type = response.Content.Headers.ContentType?.MediaType;
        JsonNode? body =
            type?.EndsWith("json", StringComparison.Ordinal) == true && text.Length > 0
                ? JsonNode.Parse(text)
                : null;
        if (body is JsonObject session && session["antiforgeryToken"] is JsonNode made)
        {
            _tokens[bench] = made.GetValue<string>();
        }
        return new Reply(response.StatusCode, type, body, response.Headers.RetryAfter?.Delta);
    }

    public async Task<Reply> BecomeTeacher(string userName)
    {
        await Get("session");
        return await Post(
            "teachers",
            new JsonObject
            {
                ["userName"] = userName,
                ["displayName"] = userName,
                ["password"] = "a few words in a row",
            }
        );
    }

    public async Task<Reply> Join(string code, string name, string pin)
    {
        await Get("bench/session");
        return await Post(
            "bench/session",
            new JsonObject
            {
                ["classCode"] = code,
                ["givenName"] = name,
                ["pin"] = pin,
            }
        );
    }

    public void Dispose() => _http.Dispose();
}

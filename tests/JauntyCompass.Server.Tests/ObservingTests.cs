using System.Collections.Concurrent;
using System.Net;
using System.Text;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>What is observed goes where it is told to, and holds nothing of anybody.</summary>
public sealed class ObservingTests : IDisposable
{
    private readonly HttpListener _collector = new();
    private readonly ConcurrentBag<(string Path, byte[] Body)> _received = [];
    private readonly string _endpoint;

    public ObservingTests()
    {
        int port = Random.Shared.Next(20_000, 30_000);
        _endpoint = $"http://127.0.0.1:{port}/";
        _collector.Prefixes.Add(_endpoint);
        _collector.Start();
        _ = Task.Run(async () =>
        {
            while (_collector.IsListening)
            {
                HttpListenerContext context = await _collector.GetContextAsync();
                using var body = new MemoryStream();
                await context.Request.InputStream.CopyToAsync(body);
                _received.Add((context.Request.Url!.AbsolutePath, body.ToArray()));
                context.Response.Close();
            }
        });
    }

    public void Dispose() => _collector.Close();

    [Fact]
    public async Task Traces_and_metrics_are_sent_and_name_no_student_no_address_and_no_answer()
    {
        using (
            var server = new JauntyServer(
                TestDatabase.Create(),
                null,
                ("OTEL_EXPORTER_OTLP_ENDPOINT", _endpoint),
                ("OTEL_EXPORTER_OTLP_PROTOCOL", "http/protobuf")
            )
        )
        {
            using Lesson lesson = await Lesson.Begin(server, "observed-teacher");
            using var tablet = new Visitor(server, from: "198.51.100.77");
            await tablet.Join(lesson.Code, "Wren", lesson.Pin);
            await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(41));
        }
        for (int i = 0; i < 50 && !_received.Any(r => r.Path.EndsWith("traces")); i++)
        {
            await Task.Delay(100);
        }
        _received.ShouldNotBeEmpty();
        string all = string.Join(' ', _received.Select(r => Encoding.Latin1.GetString(r.Body)));
        all.ShouldContain("/api/v1/bench/assignments/{assignmentId");
        foreach (string personal in new[] { "Wren", "observed-teacher", "198.51.100.77" })
        {
            all.ShouldNotContain(personal);
        }
    }
}

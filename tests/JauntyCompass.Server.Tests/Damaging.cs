using System.Text.Json.Nodes;
using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Server.Tests;

/// <summary>Puts something random somewhere random into a good request.</summary>
public static class Damaging
{
    public static void Damage(JsonNode node, SeededRandom random)
    {
        while (true)
        {
            List<string> keys = node is JsonObject o
                ? [.. o.Select(p => p.Key)]
                : [.. Enumerable.Range(0, ((JsonArray)node).Count).Select(i => $"{i}")];
            if (keys.Count == 0)
            {
                return;
            }
            string key = keys[random.Below(keys.Count)];
            JsonNode? child = node is JsonObject ? node[key] : node[int.Parse(key)];
            if (child is JsonObject or JsonArray && random.Chance(0.75))
            {
                node = child;
                continue;
            }
            if (node is JsonObject owner && random.Chance(0.15))
            {
                owner.Remove(key);
                return;
            }
            JsonNode? junk = random.Below(10) switch
            {
                0 => null,
                1 => "1e999",
                2 => -1,
                3 => 0,
                4 => 1e15,
                5 => new string('x', 10_000),
                6 => new JsonArray([.. Enumerable.Range(0, 3000).Select(i => (JsonNode)i)]),
                7 => new JsonObject(),
                8 => "\u0000\u202e🦆",
                _ => 0.1 + random.Share() * 400,
            };
            if (node is JsonObject target)
            {
                target[key] = junk;
            }
            else
            {
                node[int.Parse(key)] = junk;
            }
            return;
        }
    }
}

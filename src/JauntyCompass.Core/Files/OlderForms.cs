using System.Text.Json.Nodes;

namespace JauntyCompass.Core.Files;

/// <summary>
/// What is stored, in columns and in files, carries the number of the form in which it was written. What an older form has to become is
/// done here, step by step, so that a set from the first year is read in the last.
/// </summary>
public static class OlderForms
{
    /// <summary>Number of the form that is written.</summary>
    public const int Newest = 2;

    /// <summary>Brings something to the newest form.</summary>
    /// <param name="content">What was stored; it is changed.</param>
    /// <param name="version">The form in which it was written, from 1.</param>
    public static void Upgrade(JsonNode? content, int version)
    {
        if (version < 2)
        {
            Walk(content, SayInMessages);
        }
    }

    private static void Walk(JsonNode? node, Action<JsonObject> change)
    {
        switch (node)
        {
            case JsonObject found:
                foreach ((string _, JsonNode? below) in found)
                {
                    Walk(below, change);
                }
                change(found);
                break;
            case JsonArray list:
                foreach (JsonNode? each in list)
                {
                    Walk(each, change);
                }
                break;
        }
    }

    // In the first form marks and outlines held texts; since the second they hold messages.
    private static void SayInMessages(JsonObject found)
    {
        if (found.ContainsKey("markerVersion") && found["feedback"] is JsonObject feedback)
        {
            foreach (string part in (string[])["praise", "happened", "next"])
            {
                feedback[part] = AsWritten(feedback[part]);
            }
            foreach (JsonNode? cause in found["causes"] as JsonArray ?? [])
            {
                cause!["name"] = Id(
                    (string)cause["mistake"]! == "not-explained"
                        ? "mistakes.not-explained.unknown"
                        : $"mistakes.{cause["mistake"]}.name"
                );
            }
            foreach (JsonNode? step in found["steps"] as JsonArray ?? [])
            {
                step!["title"] = AsWritten(step["title"]);
            }
            if (found["picture"]?["note"] is JsonObject note)
            {
                note["text"] = AsWritten(note["text"]);
            }
        }
        else if (
            found["kind"]?.GetValueKind() == System.Text.Json.JsonValueKind.String
            && (string)found["kind"]! == "outline"
        )
        {
            foreach (JsonNode? shape in found["shapes"] as JsonArray ?? [])
            {
                shape!["name"] = AsWritten(shape["name"]);
            }
        }
    }

    private static JsonObject? AsWritten(JsonNode? text)
    {
        if (text is not JsonValue value || (string?)value is not { Length: > 0 } written)
        {
            return null;
        }
        JsonObject message = Id("units.as-written");
        message["arguments"] = new JsonObject { ["own"] = written };
        return message;
    }

    private static JsonObject Id(string id) => new() { ["id"] = id };
}

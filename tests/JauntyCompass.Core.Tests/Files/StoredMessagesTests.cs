using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text.Json;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using JauntyCompass.Messages;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Files;

/// <summary>
/// What was stored in messages can be said for ever. Beside these tests stands, for each form in which things are stored, every message
/// that may be among them, with its arguments and their types. A message is added freely; one that goes, or takes other arguments,
/// needs a new form and a step in <see cref="OlderForms"/>.
/// </summary>
public class StoredMessagesTests
{
    // What items, marks and sets are made of; everything else is said and not kept.
    private static readonly string[] Stored =
    [
        "algebra",
        "angles",
        "instrument",
        "kinds",
        "marks",
        "mistakes",
        "sets",
        "units",
    ];

    private static string Folder([CallerFilePath] string here = "") => Path.GetDirectoryName(here)!;

    private static string FileOf(int form) => Path.Combine(Folder(), $"MessagesOfForm.{form}.json");

    private static JsonObject Read(string file) =>
        (JsonObject)JsonNode.Parse(File.ReadAllText(file))!;

    public static TheoryData<int> Forms =>
        [
            .. Directory
                .GetFiles(Folder(), "MessagesOfForm.*.json")
                .Select(f => int.Parse(f.Split('.')[^2], CultureInfo.InvariantCulture)),
        ];

    private static JsonNode Sample(string type) =>
        type switch
        {
            "number" or "degrees" or "millimetres" => 12,
            "message" => new JsonObject { ["id"] = "units.yes" },
            "list" => new JsonArray(new JsonObject { ["id"] = "units.yes" }),
            _ => "K",
        };

    [Theory]
    [MemberData(nameof(Forms))]
    public void Every_message_of_a_form_is_said_in_every_language(int form)
    {
        JsonObject messages = Read(FileOf(form));
        messages.Count.ShouldBeGreaterThan(300);
        foreach ((string id, JsonNode? types) in messages)
        {
            var arguments = new JsonObject(
                ((JsonObject)types!).Select(t =>
                    KeyValuePair.Create(t.Key, (JsonNode?)Sample(t.Value!.GetValue<string>()))
                )
            );
            // As it stands among other things, so that a step of the upgrade finds it there.
            JsonNode kept = new JsonObject
            {
                ["text"] = new JsonObject { ["id"] = id, ["arguments"] = arguments },
            };
            OlderForms.Upgrade(kept, form);
            Message message = kept["text"].Deserialize<Message>()!;
            Language
                .ProblemOf(message)
                .ShouldBeNull($"{id}: see the remark at the head of this file");
            foreach (Language language in Language.All)
            {
                (Phrasing.Usual with { Language = language }).Say(message).ShouldNotBeEmpty();
            }
        }
    }

    [Fact]
    public void Every_message_that_may_be_stored_stands_in_the_list_of_the_newest_form() =>
        Today()
            .Select(m => m.Key)
            .Except(Read(FileOf(OlderForms.Newest)).Select(m => m.Key))
            .ShouldBeEmpty($"run the explicit test {nameof(Write_the_messages_that_were_added)}");

    /// <summary>The messages of today with their arguments, from the catalogues themselves.</summary>
    private static SortedDictionary<string, SortedDictionary<string, string>> Today()
    {
        string locales = Path.GetFullPath(Path.Combine(Folder(), "..", "..", "..", "locales"));
        JsonObject types = Read(Path.Combine(locales, "arguments.json"));
        var all = new SortedDictionary<string, SortedDictionary<string, string>>(
            StringComparer.Ordinal
        );
        foreach (string catalogue in Stored)
        {
            foreach (
                (string key, JsonNode? pattern) in Read(
                    Path.Combine(locales, "en", catalogue + ".json")
                )
            )
            {
                all[$"{catalogue}.{key}"] = new SortedDictionary<string, string>(
                    MessagePattern
                        .Parse(pattern!.GetValue<string>())
                        .Arguments()
                        .Select(a => a.Name)
                        .Where(types.ContainsKey)
                        .Distinct()
                        .ToDictionary(name => name, name => types[name]!.GetValue<string>()),
                    StringComparer.Ordinal
                );
            }
        }
        return all;
    }

    // Not a test: adds what the list of the newest form lacks. What stands there already stays as it is.
    [Fact(Explicit = true)]
    public void Write_the_messages_that_were_added()
    {
        string file = FileOf(OlderForms.Newest);
        SortedDictionary<string, SortedDictionary<string, string>> all = Today();
        if (File.Exists(file))
        {
            foreach ((string id, JsonNode? types) in Read(file))
            {
                all[id] = new SortedDictionary<string, string>(
                    types.Deserialize<Dictionary<string, string>>()!,
                    StringComparer.Ordinal
                );
            }
        }
        File.WriteAllLines(
            file,
            [
                "{",
                string.Join(
                    ",\n",
                    all.Select(m =>
                        $"  {JsonSerializer.Serialize(m.Key)}: {JsonSerializer.Serialize(m.Value)}"
                    )
                ),
                "}",
            ]
        );
    }
}

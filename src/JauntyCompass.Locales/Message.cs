using System.Text.Json;
using System.Text.Json.Serialization;

namespace JauntyCompass.Locales;

/// <summary>
/// Something that is to be said: an id in the catalogues, with arguments. It becomes text only where it is read, in the reader's language
/// and the class's words. Two with the same id and the same arguments are the same. Made by <see cref="Text"/>, which knows the
/// arguments of each.
/// </summary>
[JsonConverter(typeof(MessageJson))]
public sealed class Message : IEquatable<Message>
{
    private static readonly (string Name, object Value)[] None = [];

    private readonly (string Name, object Value)[] _arguments;

    internal Message(string id, params (string Name, object Value)[] arguments)
    {
        Id = id;
        _arguments = arguments.Length == 0 ? None : arguments;
        for (int i = 0; i < _arguments.Length; i++)
        {
            _arguments[i].Value = _arguments[i].Value switch
            {
                Enum choice => JsonNamingPolicy.CamelCase.ConvertName(choice.ToString()),
                // What came from outside may be of any size; what is told of it is not.
                double number => double.IsNaN(number) ? 0 : Math.Clamp(number, -Largest, Largest),
                object value => value,
            };
        }
    }

    // The largest number that is told.
    private const double Largest = 1e12;

    /// <summary>Its id, such as <c>mistakes.other-scale.happened</c>.</summary>
    public string Id { get; }

    /// <summary>
    /// Its arguments: numbers as <see cref="double"/>, texts and choices as <see cref="string"/>, messages, and lists of messages.
    /// </summary>
    public IEnumerable<KeyValuePair<string, object>> Arguments =>
        _arguments.Select(a => KeyValuePair.Create(a.Name, a.Value));

    /// <summary>Writes its id and, where it has any, its arguments as properties of the object that is being written.</summary>
    /// <param name="writer">Writes the object.</param>
    public void WriteProperties(Utf8JsonWriter writer) => MessageJson.WriteProperties(writer, this);

    /// <summary>The value of an argument, or null.</summary>
    internal object? Value(string name)
    {
        foreach ((string own, object value) in _arguments)
        {
            if (own == name)
            {
                return value;
            }
        }
        return null;
    }

    /// <summary>A measured number as it is told.</summary>
    internal static double Tenths(double number)
    {
        double rounded = Math.Round(number, 1, MidpointRounding.AwayFromZero);
        return rounded == 0 ? 0 : rounded;
    }

    // A text from outside is no longer than this.
    private const int LongestText = 300;

    /// <summary>What is wrong with the arguments; null where nothing is.</summary>
    /// <param name="names">The arguments that it must have.</param>
    internal Message? ProblemOfArguments(HashSet<string> names) =>
        !names.SetEquals(_arguments.Select(a => a.Name))
            ? Text.Validation.MessageArguments(string.Join(", ", names))
            : _arguments.Select(ProblemOf).FirstOrDefault(p => p is not null);

    private static Message? ProblemOf((string Name, object Value) argument) =>
        (ArgumentTypes.ByName[argument.Name], argument.Value) switch
        {
            (ArgumentType.Number or ArgumentType.Degrees or ArgumentType.Millimetres, double n) =>
                double.IsFinite(n) && Math.Abs(n) <= 1e6
                    ? null
                    : Text.Validation.MessageArgument(argument.Name),
            (ArgumentType.Text or ArgumentType.Choice, string text) => text.Length <= LongestText
                ? null
                : Text.Validation.MessageArgument(argument.Name),
            (ArgumentType.Message, Message message) => Language.ProblemOf(message),
            (ArgumentType.List, IReadOnlyList<Message> list) => list.Select(Language.ProblemOf)
                .FirstOrDefault(p => p is not null),
            _ => Text.Validation.MessageArgument(argument.Name),
        };

    /// <inheritdoc/>
    public bool Equals(Message? other) =>
        other is not null
        && Id == other.Id
        && _arguments.Length == other._arguments.Length
        && _arguments.All(a => other.Value(a.Name) is object value && Same(a.Value, value));

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as Message);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(Id, _arguments.Length);

    /// <summary>Id and arguments, for logs and tests.</summary>
    public override string ToString() =>
        _arguments.Length == 0
            ? Id
            : $"{Id}({string.Join(", ", _arguments.Select(a => $"{a.Name}: {Shown(a.Value)}"))})";

    private static bool Same(object one, object other) =>
        one is IReadOnlyList<Message> list
            ? other is IReadOnlyList<Message> others && list.SequenceEqual(others)
            : one.Equals(other);

    private static object Shown(object value) =>
        value is IReadOnlyList<Message> list ? $"[{string.Join(", ", list)}]" : value;
}

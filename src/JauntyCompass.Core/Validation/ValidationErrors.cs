using System.Globalization;
using System.Text.Json;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Validation;

/// <summary>
/// Collects what is wrong with data from outside, each under the path of its field
/// (<c>item.baseRay.length</c>) and with the allowed range in the message.
/// </summary>
public sealed class ValidationErrors
{
    private const int MostReported = 50;
    private readonly List<ValidationError> _found = [];
    private readonly List<string> _path = [];

    /// <summary>What was found, in the order of finding; at most fifty.</summary>
    public IReadOnlyList<ValidationError> Found => _found;

    /// <summary>True when nothing was found.</summary>
    public bool None => _found.Count == 0;

    /// <summary>Checks a whole value and returns what was found.</summary>
    public static ValidationErrors Of(IValidatable? value)
    {
        var errors = new ValidationErrors();
        value?.Validate(errors);
        return errors;
    }

    /// <summary>Checks a part under its field's name.</summary>
    public void Within(string field, IValidatable? part)
    {
        if (part is null)
        {
            return;
        }
        _path.Add(field);
        part.Validate(this);
        _path.RemoveAt(_path.Count - 1);
    }

    /// <summary>Checks each part of a list, and that the list holds an allowed number of them.</summary>
    public void Each<T>(string field, IReadOnlyList<T>? parts, int fewest, int most)
        where T : IValidatable
    {
        if (!Count(field, parts, fewest, most))
        {
            return;
        }
        for (int i = 0; i < parts!.Count && _found.Count < MostReported; i++)
        {
            string place = $"{field}[{i.ToString(CultureInfo.InvariantCulture)}]";
            if (parts[i] is null)
            {
                Add(place, Locales.Text.Validation.Missing);
                continue;
            }
            Within(place, parts[i]);
        }
    }

    /// <summary>Requires an allowed number of parts. Returns whether that holds.</summary>
    public bool Count<T>(string field, IReadOnlyList<T>? parts, int fewest, int most)
    {
        if (parts is null || parts.Count < fewest || parts.Count > most)
        {
            Add(field, Locales.Text.Validation.Entries(fewest, most, parts?.Count ?? 0));
            return false;
        }
        return true;
    }

    /// <summary>Requires a finite number from <paramref name="least"/> to <paramref name="most"/>, both allowed.</summary>
    public void Range(string field, double value, double least, double most, Unit unit = Unit.None)
    {
        if (!(value >= least && value <= most))
        {
            Add(field, Locales.Text.Validation.Range(unit, least, most));
        }
    }

    /// <summary>Requires one of some names. Returns whether that holds.</summary>
    public bool OneOf(string field, string? value, IEnumerable<string> allowed)
    {
        string[] all = [.. allowed];
        if (value is not null && all.Contains(value))
        {
            return true;
        }
        Add(field, Locales.Text.Validation.OneOf(string.Join(", ", all)));
        return false;
    }

    /// <summary>Requires a text of an allowed length once trimmed, without control characters.</summary>
    public void Text(string field, string? value, int fewest, int most)
    {
        int length = value?.Trim().Length ?? 0;
        if (length < fewest || length > most)
        {
            Add(field, Locales.Text.Validation.Characters(fewest, most, length));
        }
        else if (value is not null && value.Any(char.IsControl))
        {
            Add(field, Locales.Text.Validation.OneLine);
        }
        else if (value is not null && !IsWellFormed(value))
        {
            Add(field, Locales.Text.Validation.HalfALetter);
        }
    }

    /// <summary>Whether a text holds whole letters only: half of a surrogate pair is none, and a database does not take it.</summary>
    /// <param name="text">The text.</param>
    public static bool IsWellFormed(string text)
    {
        for (int i = 0; i < text.Length; i++)
        {
            if (
                char.IsSurrogate(text[i])
                && !(i + 1 < text.Length && char.IsSurrogatePair(text[i], text[++i]))
            )
            {
                return false;
            }
        }
        return true;
    }

    /// <summary>Requires a message that can be said: one that there is, with the arguments that it takes.</summary>
    public void Said(string field, Message? message)
    {
        if (Language.ProblemOf(message) is Message problem)
        {
            Add(field, problem);
        }
    }

    /// <summary>Requires one of an enumeration's names.</summary>
    public void Known<T>(string field, T value)
        where T : struct, Enum
    {
        if (!Enum.IsDefined(value))
        {
            Add(
                field,
                Locales.Text.Validation.OneOf(
                    string.Join(
                        ", ",
                        Enum.GetNames<T>().Select(JsonNamingPolicy.CamelCase.ConvertName)
                    )
                )
            );
        }
    }

    /// <summary>Reports one fault.</summary>
    /// <param name="field">The field's name within the part that is being checked.</param>
    /// <param name="message">What is allowed, as a sentence that does not name the field.</param>
    public void Add(string field, Message message)
    {
        if (_found.Count < MostReported)
        {
            string path = _path.Count == 0 ? field : $"{string.Join('.', _path)}.{field}";
            _found.Add(new ValidationError(path, message));
        }
    }
}

/// <summary>In what a number is given.</summary>
public enum Unit
{
    /// <summary>It is a plain number.</summary>
    None,

    /// <summary>Degrees.</summary>
    Degrees,

    /// <summary>Millimetres.</summary>
    Millimetres,

    /// <summary>Minutes.</summary>
    Minutes,

    /// <summary>Months.</summary>
    Months,

    /// <summary>Characters of a text.</summary>
    Characters,
}

/// <summary>One value outside its allowed range.</summary>
/// <param name="Field">The path of the field, such as <c>angle.startLength</c>.</param>
/// <param name="Message">What is allowed.</param>
public readonly record struct ValidationError(string Field, Message Message);

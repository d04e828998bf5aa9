using JauntyCompass.Locales;

namespace JauntyCompass.Server.Api.Saying;

/// <summary>What a problem says, as messages beside its texts.</summary>
/// <param name="Title">What is the matter.</param>
/// <param name="Detail">What to do.</param>
/// <param name="Errors">What is allowed in each field that is not as it must be; null where it is not about fields.</param>
public sealed record ProblemMessages(
    Message Title,
    Message Detail,
    IReadOnlyDictionary<string, Message[]>? Errors = null
)
{
    /// <summary>Name of the extension of problem details that carries them.</summary>
    public const string Extension = "messages";
}

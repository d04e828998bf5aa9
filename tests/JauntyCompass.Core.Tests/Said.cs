using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Tests;

/// <summary>Reads messages as somebody would.</summary>
internal static class SaidExtensions
{
    /// <summary>As a student reads it, in the usual words; empty where nothing is said.</summary>
    internal static string Said(this Message? message) => message.Said(Phrasing.Usual);

    /// <summary>As it is read in some words; empty where nothing is said.</summary>
    internal static string Said(this Message? message, Phrasing phrasing) =>
        message is null ? "" : phrasing.Say(message);

    /// <summary>As a class reads it.</summary>
    internal static string SaidToClass(this Message? message) =>
        message.Said(Phrasing.Usual.ToClass);
}

using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Features.Accounts;

namespace JauntyCompass.Server.Features.Classes;

/// <summary>A new class.</summary>
public sealed record NewClass(string Name) : IValidatable
{
    /// <summary>The longest name of a class.</summary>
    public const int LongestName = 60;

    public void Validate(ValidationErrors errors) => errors.Text("name", Name, 1, LongestName);
}

/// <summary>A new student: a given name; if two share it, an initial more.</summary>
public sealed record NewStudent(string GivenName) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Text("givenName", GivenName, 1, GivenNames.Longest);
        if (errors.None && GivenNames.FaultOf(GivenName) is Message fault)
        {
            errors.Add("givenName", fault);
        }
    }
}

/// <summary>A class in the list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Code">What students type to join.</param>
/// <param name="Students">How many students it has.</param>
/// <param name="Own">Whether it is the teacher's own; else they teach it with somebody.</param>
/// <param name="Archived">Whether it is put away.</param>
/// <param name="Rules">How it does things; null: the usual way.</param>
public sealed record ClassReply(
    Guid Id,
    string Name,
    string Code,
    int Students,
    bool Own,
    bool Archived,
    HouseRules? Rules = null
);

/// <summary>A student in the list.</summary>
/// <param name="Id">The student.</param>
/// <param name="GivenName">Their name.</param>
/// <param name="Archived">Whether they are put away: they cannot sign in, and their answers are kept.</param>
/// <param name="HasCard">Whether a card signs them in.</param>
public sealed record StudentReply(Guid Id, string GivenName, bool Archived, bool HasCard);

/// <summary>A class with its students.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Code">What students type to join.</param>
/// <param name="Own">Whether it is the teacher's own.</param>
/// <param name="Archived">Whether it is put away.</param>
/// <param name="Students">Its students, by name.</param>
/// <param name="Teachers">Who teaches it, the one whose class it is first.</param>
public sealed record ClassDetailReply(
    Guid Id,
    string Name,
    string Code,
    bool Own,
    bool Archived,
    IReadOnlyList<StudentReply> Students,
    IReadOnlyList<ColleagueReply> Teachers
);

/// <summary>A student's PIN; shown once, kept only as a hash.</summary>
public sealed record PinReply(Guid StudentId, string GivenName, string Pin);

/// <summary>A student's card; shown once, kept only as a hash.</summary>
/// <param name="StudentId">The student.</param>
/// <param name="GivenName">Their name.</param>
/// <param name="Address">What its code holds: an address that signs the student in.</param>
/// <param name="Size">Modules along a side of the code.</param>
/// <param name="Path">The dark modules as the data of an SVG path, one unit a module.</param>
public sealed record CardReply(
    Guid StudentId,
    string GivenName,
    string Address,
    int Size,
    string Path
);

/// <summary>Whom a class is handed to.</summary>
public sealed record HandOver(Guid TeacherId);

using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>The instruments of a specification, and which of them the items of each kind take turns with.</summary>
internal sealed class InstrumentSelection
{
    private const int Most = 12;

    private readonly Protractor[] _all;

    private InstrumentSelection(Protractor[] all) => _all = all;

    internal static InstrumentSelection Of(SetSpecification specification) =>
        new([.. Names(specification).Distinct().Select(name => Find(specification, name)!)]);

    /// <summary>
    /// Those that a kind can use. A kind that none of them suits has its own beside them: a half circle cannot show a whole
    /// turn, a full one is not used to take from 360, one scale has no zero for both arms, on folded paper the angles of a triangle cannot
    /// be read, and what is for the board or has an arm that turns can only be read as it lies.
    /// </summary>
    internal IReadOnlyList<Protractor> For(ExerciseKind kind)
    {
        if (!kind.HasInstrument)
        {
            return [_all[0]];
        }
        Protractor[] suited =
        [
            .. _all.Where(p =>
                (p.FitsDesk || kind.Facts.AlreadyLaid)
                && (kind.Facts.Shape is not ProtractorShape shape || p.Shape == shape)
                && (p.IsFine || kind.Facts.ReadsMeasureOnly)
                && (p.Scales.Count > 1 || !kind.Facts.NeedsTwoScales)
            ),
        ];
        return suited.Length > 0 ? suited
            : kind.Facts.Shape == ProtractorShape.FullCircle
                ? [InstrumentCatalogue.FullCircleTwoScales, InstrumentCatalogue.FullCircleOneScale]
            : [InstrumentCatalogue.DeskHalfCircle];
    }

    /// <summary>For each kind that none of the chosen instruments suits, a sentence that says which it is worked with, and why.</summary>
    internal IReadOnlyList<Message> OthersThanChosen(SetSpecification specification) =>
        [
            .. specification
                .Kinds.Select(k => ExerciseKinds.Find(k.Kind)!)
                .Distinct()
                .Where(kind => kind.HasInstrument && !For(kind).Any(_all.Contains))
                .Select(kind => WhyOther(kind, InstrumentWords.Name(For(kind)[0]))),
        ];

    private Message WhyOther(ExerciseKind kind, Message tool) =>
        !kind.Facts.AlreadyLaid && !Array.Exists(_all, p => p.FitsDesk)
            ? Text.Sets.Report.ForTheBoard(kind.Title, tool)
        : kind.Facts.Shape == ProtractorShape.FullCircle
            ? Text.Sets.Report.WholeTurn(kind.Title, tool)
        : kind.Facts.Shape == ProtractorShape.HalfCircle
            ? Text.Sets.Report.WithoutASum(kind.Title, tool)
        : kind.Facts.NeedsTwoScales ? Text.Sets.Report.OneScale(kind.Title, tool)
        : Text.Sets.Report.TooCoarse(kind.Title, tool);

    /// <summary>Whose turn it is at a kind's item, counted from 0. Each time round begins with the next one.</summary>
    internal Protractor At(ExerciseKind kind, int item)
    {
        IReadOnlyList<Protractor> own = For(kind);
        return own[(item + item / own.Count) % own.Count];
    }

    /// <summary>Requires instruments that exist, and that exercises can be set for.</summary>
    internal static void Validate(SetSpecification specification, ValidationErrors errors)
    {
        if (specification.OwnInstruments is { } own)
        {
            errors.Each("ownInstruments", own, 0, Most);
            for (int i = 0; i < own.Count && i < Most && own.All(p => p is not null); i++)
            {
                CheckOwn(specification, own, i, errors);
            }
        }
        CheckName(specification, "instrument", specification.Instrument, errors);
        if (
            specification.MoreInstruments is { } more
            && errors.Count("moreInstruments", more, 0, Most - 1)
        )
        {
            for (int i = 0; i < more.Count; i++)
            {
                CheckName(specification, $"moreInstruments[{i}]", more[i], errors);
            }
        }
    }

    private static void CheckOwn(
        SetSpecification specification,
        IReadOnlyList<Protractor> own,
        int i,
        ValidationErrors errors
    )
    {
        if (
            InstrumentCatalogue.Find(own[i].Id) is not null
            || own.Take(i).Any(p => p.Id == own[i].Id)
        )
        {
            errors.Add($"ownInstruments[{i}].id", Text.Validation.Set.NameTaken);
        }
        if (!own[i].FitsDesk && !HasLaid(specification))
        {
            errors.Add($"ownInstruments[{i}]", Text.Validation.Set.ForTheDesk);
        }
    }

    private static void CheckName(
        SetSpecification specification,
        string field,
        string name,
        ValidationErrors errors
    )
    {
        if (Find(specification, name) is null)
        {
            IEnumerable<string> known = (specification.OwnInstruments ?? [])
                .Where(p => p is not null)
                .Concat(Offered(specification))
                .Select(p => p.Id);
            errors.Add(field, Text.Validation.OneOf(string.Join(", ", known)));
        }
    }

    private static IEnumerable<string> Names(SetSpecification specification) =>
        [specification.Instrument, .. specification.MoreInstruments ?? []];

    private static Protractor? Find(SetSpecification specification, string name) =>
        Offered(specification).FirstOrDefault(p => p.Id == name)
        ?? specification.OwnInstruments?.FirstOrDefault(p => p?.Id == name);

    // What no desk has room for, or nobody could turn the arm of, is offered where something is read as it lies.
    private static IReadOnlyList<Protractor> Offered(SetSpecification specification) =>
        HasLaid(specification) ? InstrumentCatalogue.All : InstrumentCatalogue.ForExercises;

    private static bool HasLaid(SetSpecification specification) =>
        specification.Kinds?.Any(k => ExerciseKinds.Find(k?.Kind)?.Facts.AlreadyLaid == true)
        == true;
}

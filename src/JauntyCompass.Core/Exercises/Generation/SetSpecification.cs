using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>So many items of one kind.</summary>
/// <param name="Kind">Key of the kind of exercise.</param>
/// <param name="Count">How many, 1 to 60.</param>
public sealed record KindCount(string Kind, int Count) : IValidatable
{
    /// <summary>Requires a known kind and a count in range.</summary>
    public void Validate(ValidationErrors errors)
    {
        errors.OneOf("kind", Kind, ExerciseKinds.All.Select(k => k.Key));
        errors.Range("count", Count, 1, SetSpecification.MostItems);
    }
}

/// <summary>Which whole numbers of degrees may be asked.</summary>
public enum MeasureStep
{
    /// <summary>Any whole degree: the best choice, most mistakes show.</summary>
    Any,

    /// <summary>Multiples of five.</summary>
    Fives,

    /// <summary>Multiples of ten: easiest to read; many mistakes look alike.</summary>
    Tens,
}

/// <summary>To which side the angles open: where the arm that is lined up first points.</summary>
public enum OpeningSide
{
    /// <summary>Both, in balance.</summary>
    Both,

    /// <summary>Only to the right.</summary>
    Right,

    /// <summary>Only to the left.</summary>
    Left,
}

/// <summary>How the angles lie on the sheet.</summary>
public enum Tilt
{
    /// <summary>One arm level.</summary>
    Level,

    /// <summary>Any way round.</summary>
    Tilted,

    /// <summary>Some level, some tilted.</summary>
    Mixed,
}

/// <summary>How long the arms are, held against the instrument.</summary>
public enum ArmLengths
{
    /// <summary>Past the graduations.</summary>
    Long,

    /// <summary>Too short to reach them: to be extended.</summary>
    Short,

    /// <summary>Some long, some short.</summary>
    Mixed,
}

/// <summary>Whether drawings begin with a base ray on the sheet.</summary>
public enum BaseRays
{
    /// <summary>It is given.</summary>
    Given,

    /// <summary>The student draws it, too.</summary>
    Own,

    /// <summary>Some begin with it, some with an empty sheet.</summary>
    Mixed,
}

/// <summary>Whether figures of which nothing is measured are drawn as they are.</summary>
public enum FigureScale
{
    /// <summary>Some are, some are not.</summary>
    Mixed,

    /// <summary>All are.</summary>
    ToScale,

    /// <summary>None is, and each says so.</summary>
    NotToScale,
}

/// <summary>What numbers come out where something is worked out by algebra.</summary>
public enum AlgebraNumbers
{
    /// <summary>All sorts in turn.</summary>
    Mixed,

    /// <summary>x is whole, and so is every angle.</summary>
    Whole,

    /// <summary>Every angle is whole, x is not.</summary>
    WholeAngles,

    /// <summary>x and the angles are decimals that repeat.</summary>
    Repeating,
}

/// <summary>In which order the items come.</summary>
public enum ItemOrder
{
    /// <summary>Kind by kind, as they are listed.</summary>
    Blocks,

    /// <summary>All kinds mixed.</summary>
    Mixed,

    /// <summary>From easy to hard.</summary>
    Rising,
}

/// <summary>What the items talk about.</summary>
public enum Theme
{
    /// <summary>Angles and nothing else.</summary>
    Plain,

    /// <summary>Cranes, sails, drawbridges, beams of light.</summary>
    Harbour,
}

/// <summary>What a teacher wants of a set. The same specification, seed and generator number give the same set.</summary>
/// <param name="Kinds">Kinds of exercise and how many of each, in this order; 60 items at most.</param>
/// <param name="From">Smallest measure, in degrees, 1 to 359.</param>
/// <param name="To">Largest measure, in degrees, 1 to 359; kinds of exercise on reflex angles take what is left of a full turn where it ends at 180 or before.</param>
/// <param name="Step">Which whole degrees.</param>
/// <param name="AngleKinds">Kinds of angle; empty: acute, obtuse and, where a kind of exercise has them, reflex.</param>
/// <param name="Opening">To which side they open.</param>
/// <param name="Tilt">How they lie.</param>
/// <param name="Arms">How long the arms are.</param>
/// <param name="Instrument">The instrument in hand: the name of one of the catalogue, or of one of <paramref name="OwnInstruments"/>.</param>
/// <param name="Mistakes">Keys of mistakes at which the items shall show them; empty: all that can be predicted.</param>
/// <param name="Tolerance">Tolerance in degrees, 0 to 10, by which answers must differ to be told apart.</param>
/// <param name="Theme">What the items talk about.</param>
/// <param name="Order">In which order they come.</param>
/// <param name="Forms">How many parallel forms are made, 1 to 40: each student can get numbers of their own.</param>
/// <param name="BaseRays">Whether drawings begin with a base ray.</param>
/// <param name="MoreInstruments">Names of others, with which it takes turns from item to item; 11 at most.</param>
/// <param name="OwnInstruments">Instruments of the class's own, in full, so that a specification says all that its set needs; 12 at most.</param>
/// <param name="Rules">House rules that the items are made for and worked under; null: those of the class they are set to.</param>
/// <param name="Scale">Whether figures of which nothing is measured are drawn as they are.</param>
/// <param name="Numbers">What numbers come out where something is worked out by algebra.</param>
public sealed record SetSpecification(
    IReadOnlyList<KindCount> Kinds,
    int From = 5,
    int To = 175,
    MeasureStep Step = MeasureStep.Any,
    IReadOnlyList<AngleKind>? AngleKinds = null,
    OpeningSide Opening = OpeningSide.Both,
    Tilt Tilt = Tilt.Level,
    ArmLengths Arms = ArmLengths.Long,
    string Instrument = "desk-half-circle",
    IReadOnlyList<string>? Mistakes = null,
    double Tolerance = 2,
    Theme Theme = Theme.Plain,
    ItemOrder Order = ItemOrder.Blocks,
    int Forms = 1,
    BaseRays BaseRays = BaseRays.Given,
    IReadOnlyList<string>? MoreInstruments = null,
    IReadOnlyList<Protractor>? OwnInstruments = null,
    HouseRules? Rules = null,
    FigureScale Scale = FigureScale.Mixed,
    AlgebraNumbers Numbers = AlgebraNumbers.Mixed
) : IValidatable
{
    /// <summary>The most items one set can have.</summary>
    public const int MostItems = 60;

    /// <summary>The most parallel forms one set can have.</summary>
    public const int MostForms = 40;

    /// <summary>How many items are asked for.</summary>
    public int Count => Kinds.Sum(k => k.Count);

    /// <summary>Requires known kinds, instrument and mistakes, and numbers in range.</summary>
    public void Validate(ValidationErrors errors)
    {
        errors.Each("kinds", Kinds, 1, 30);
        errors.Range("from", From, 1, 359, Unit.Degrees);
        errors.Range("to", To, 1, 359, Unit.Degrees);
        if (From > To)
        {
            errors.Add("from", Text.Validation.Set.FromTo);
        }
        errors.Known("step", Step);
        errors.Known("opening", Opening);
        errors.Known("tilt", Tilt);
        errors.Known("arms", Arms);
        errors.Known("theme", Theme);
        errors.Known("order", Order);
        errors.Known("baseRays", BaseRays);
        errors.Known("scale", Scale);
        errors.Known("numbers", Numbers);
        errors.Range("forms", Forms, 1, MostForms);
        errors.Range("tolerance", Tolerance, 0, 10, Unit.Degrees);
        errors.Within("rules", Rules);
        InstrumentSelection.Validate(this, errors);
        CheckLists(errors);
        if (errors.None && Count > MostItems)
        {
            errors.Add("kinds", Text.Validation.Set.TooMany(MostItems, Count));
        }
    }

    private void CheckLists(ValidationErrors errors)
    {
        if (AngleKinds is not null && errors.Count("angleKinds", AngleKinds, 0, 7))
        {
            foreach (AngleKind kind in AngleKinds)
            {
                if (kind is AngleKind.Zero or AngleKind.FullTurn)
                {
                    errors.Add("angleKinds", Text.Validation.Set.KindsToMeasure);
                }
            }
        }
        if (Mistakes is not null && errors.Count("mistakes", Mistakes, 0, 40))
        {
            for (int i = 0; i < Mistakes.Count; i++)
            {
                if (MistakeCatalogue.Find(Mistakes[i]) is null)
                {
                    errors.Add(
                        $"mistakes[{i}]",
                        Text.Validation.OneOf(
                            string.Join(", ", MistakeCatalogue.All.Select(m => m.Key))
                        )
                    );
                }
            }
        }
    }
}

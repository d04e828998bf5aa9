using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises;

/// <summary>What a list knows of a kind of exercise.</summary>
/// <param name="Key">Short unique name, such as <c>measure</c>; the <c>kind</c> of its items and responses in JSON.</param>
/// <param name="Title">What a teacher calls it.</param>
/// <param name="Summary">What the student does, in one sentence.</param>
/// <param name="Mistakes">The mistakes its items can show.</param>
public sealed record KindFacts(
    string Key,
    Message Title,
    Message Summary,
    IReadOnlyList<Mistake> Mistakes
)
{
    /// <summary>The smallest measure its items can have, in degrees.</summary>
    public int LeastMeasure { get; init; } = 1;

    /// <summary>The largest measure its items can have, in degrees.</summary>
    public int MostMeasure { get; init; } = 180;

    /// <summary>For drawings that may begin with an empty sheet: the measures that can be told apart there; null for others.</summary>
    public (int Least, int Most)? OnEmptySheet { get; init; }

    /// <summary>The shape of instrument its items need; null where any will do.</summary>
    public ProtractorShape? Shape { get; init; }

    /// <summary>
    /// Whether the instrument lies on the sheet already and nobody moves it, so that it may be one for the board or one with an arm
    /// that turns.
    /// </summary>
    public bool AlreadyLaid { get; init; }

    /// <summary>Whether there must be a zero for either arm, and so a second scale.</summary>
    public bool NeedsTwoScales { get; init; }

    /// <summary>
    /// Whether nothing is read but the chosen measure itself, so that an instrument with coarse graduations will do.
    /// </summary>
    public bool ReadsMeasureOnly { get; init; }

    /// <summary>Whether an item may be about another kind of angle than that of the chosen measure, such as what is left of 360.</summary>
    public bool OfAnyKind { get; init; }

    /// <summary>Whether the chosen measure is what an item is about; else it only varies it.</summary>
    public bool IsMeasured { get; init; } = true;

    /// <summary>How many varieties of its items answer unlike each other at the same measure.</summary>
    public int Varieties { get; init; } = 1;

    /// <summary>How hard its items are beside those of other kinds, 0 to 6. Common practice, no source.</summary>
    public double Difficulty { get; init; } = 2;
}

/// <summary>
/// One kind of exercise: how items are made, shown, marked, explained and worked. A new kind is a folder of its own and one
/// line in <see cref="ExerciseKinds"/>.
/// </summary>
/// <param name="facts">What a list knows of it.</param>
public abstract class ExerciseKind(KindFacts facts)
{
    /// <summary>What a list knows of it.</summary>
    public KindFacts Facts { get; } = facts;

    /// <summary>Short unique name.</summary>
    public string Key => Facts.Key;

    /// <summary>What a teacher calls it.</summary>
    public Message Title => Facts.Title;

    /// <summary>The mistakes its items can show.</summary>
    public IReadOnlyList<Mistake> Mistakes => Facts.Mistakes;

    /// <summary>Those of them that are made with an instrument.</summary>
    protected IReadOnlyList<InstrumentMistake> WithInstrument { get; } =
    [.. facts.Mistakes.OfType<InstrumentMistake>()];

    /// <summary>Whether its items are worked with an instrument.</summary>
    public bool HasInstrument => ItemType.IsAssignableTo(typeof(InstrumentItem));

    /// <summary>The type of its items.</summary>
    public abstract Type ItemType { get; }

    /// <summary>The type of its responses.</summary>
    public abstract Type ResponseType { get; }

    /// <summary>
    /// Proposes an item of a plan: the measure is the plan's, all else comes from the kind's own parameters. Asked again with other
    /// random numbers it proposes another one.
    /// </summary>
    public abstract Item Propose(ItemPlan plan);

    /// <summary>The item as it lies before the student.</summary>
    public abstract ItemView Present(Item item, HouseRules rules);

    /// <summary>The sheet in words, for those who listen.</summary>
    /// <param name="item">The item.</param>
    /// <param name="view">The item as it lies before the student.</param>
    public abstract ToldSheet Tell(Item item, ItemView view);

    /// <summary>A demonstration of how the item is worked; null where none fits.</summary>
    public abstract WorkedExample? Work(Item item, HouseRules rules);

    /// <summary>The steps of an item with what was answered to them. Both are taken as checked.</summary>
    /// <param name="item">The item.</param>
    /// <param name="response">The response, or null for the steps as they lie before the student.</param>
    /// <exception cref="ArgumentException">The response is of another kind than the item.</exception>
    public abstract IReadOnlyList<AnsweredStep> Steps(Item item, Response? response);

    /// <summary>Works the item as a simulated student would.</summary>
    public abstract Response Attempt(Item item, SimulatedStudent student, SeededRandom random);

    /// <summary>Marks a response. Both are taken as checked.</summary>
    /// <exception cref="ArgumentException">The response is of another kind than the item.</exception>
    public Mark Mark(Item item, Response response, MarkingRules rules) =>
        MarkAggregator.Of(Steps(item, response), rules);

    /// <summary>What each answered step of a response says of every mistake.</summary>
    /// <param name="item">The item.</param>
    /// <param name="response">The response.</param>
    /// <param name="tolerance">Degrees of error that are accepted.</param>
    public IEnumerable<AnswerEvidence> Weigh(Item item, Response response, double tolerance) =>
        Weigh(Steps(item, response), tolerance);

    /// <summary>What each of some answered steps says of every mistake.</summary>
    /// <param name="steps">The steps.</param>
    /// <param name="tolerance">Degrees of error that are accepted.</param>
    public static IEnumerable<AnswerEvidence> Weigh(
        IReadOnlyList<AnsweredStep> steps,
        double tolerance
    ) => steps.Where(s => s.Counts).Select(s => s.Weigh(tolerance)).OfType<AnswerEvidence>();
}

/// <summary>An <see cref="ExerciseKind"/> that knows its own types.</summary>
/// <typeparam name="TItem">Type of its items.</typeparam>
/// <typeparam name="TResponse">Type of its responses.</typeparam>
/// <param name="facts">What a list knows of it.</param>
public abstract class ExerciseKind<TItem, TResponse>(KindFacts facts) : ExerciseKind(facts)
    where TItem : Item
    where TResponse : Response
{
    /// <inheritdoc/>
    public sealed override Type ItemType => typeof(TItem);

    /// <inheritdoc/>
    public sealed override Type ResponseType => typeof(TResponse);

    /// <inheritdoc/>
    public sealed override ItemView Present(Item item, HouseRules rules) =>
        Present((TItem)item, rules);

    /// <inheritdoc/>
    public sealed override ToldSheet Tell(Item item, ItemView view) => Tell((TItem)item, view);

    /// <inheritdoc/>
    public sealed override WorkedExample? Work(Item item, HouseRules rules) =>
        Work((TItem)item, rules);

    /// <inheritdoc/>
    public sealed override IReadOnlyList<AnsweredStep> Steps(Item item, Response? response) =>
        response is null or TResponse
            ? Steps((TItem)item, (TResponse?)response)
            : throw new ArgumentException(
                $"A response to this item must be of kind '{Key}'.",
                nameof(response)
            );

    /// <inheritdoc/>
    public sealed override Response Attempt(
        Item item,
        SimulatedStudent student,
        SeededRandom random
    ) => Attempt((TItem)item, new Attempt(student, random));

    /// <summary>The item as it lies before the student.</summary>
    protected abstract ItemView Present(TItem item, HouseRules rules);

    /// <summary>The sheet in words. A kind whose sheet holds more than angles and an instrument tells of it itself.</summary>
    protected virtual ToldSheet Tell(TItem item, ItemView view) => SheetTelling.Of(view);

    /// <summary>A demonstration of how the item is worked; null where none fits.</summary>
    protected abstract WorkedExample? Work(TItem item, HouseRules rules);

    /// <summary>The steps of an item with what was answered to them.</summary>
    protected abstract IReadOnlyList<AnsweredStep> Steps(TItem item, TResponse? response);

    /// <summary>Works the item as a simulated student would.</summary>
    protected abstract TResponse Attempt(TItem item, Attempt attempt);
}

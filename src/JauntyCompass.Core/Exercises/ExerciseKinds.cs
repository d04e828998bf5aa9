using System.Collections.Frozen;
using JauntyCompass.Core.Exercises.Kinds.Bisect;
using JauntyCompass.Core.Exercises.Kinds.BothArms;
using JauntyCompass.Core.Exercises.Kinds.Build;
using JauntyCompass.Core.Exercises.Kinds.ByEye;
using JauntyCompass.Core.Exercises.Kinds.Clock;
using JauntyCompass.Core.Exercises.Kinds.Compare;
using JauntyCompass.Core.Exercises.Kinds.Copy;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Exercises.Kinds.Estimating;
using JauntyCompass.Core.Exercises.Kinds.Exactly;
using JauntyCompass.Core.Exercises.Kinds.FigureAngles;
using JauntyCompass.Core.Exercises.Kinds.FindMistake;
using JauntyCompass.Core.Exercises.Kinds.FullTurn;
using JauntyCompass.Core.Exercises.Kinds.InstrumentQuestion;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Exercises.Kinds.NameAngle;
using JauntyCompass.Core.Exercises.Kinds.Outline;
using JauntyCompass.Core.Exercises.Kinds.Parts;
using JauntyCompass.Core.Exercises.Kinds.Ranges;
using JauntyCompass.Core.Exercises.Kinds.ReadLaid;
using JauntyCompass.Core.Exercises.Kinds.Reflex;
using JauntyCompass.Core.Exercises.Kinds.SideRatios;
using JauntyCompass.Core.Exercises.Kinds.Similar;
using JauntyCompass.Core.Exercises.Kinds.SpecialDrawings;
using JauntyCompass.Core.Exercises.Kinds.TrianglesDrawn;
using JauntyCompass.Core.Exercises.Kinds.WhichKind;

namespace JauntyCompass.Core.Exercises;

/// <summary>All kinds of exercise. A new kind is registered here and nowhere else.</summary>
public static class ExerciseKinds
{
    /// <summary>Every kind, in the order in which a teacher meets them.</summary>
    public static IReadOnlyList<ExerciseKind> All { get; } =
    [
        new InstrumentQuestionKind(),
        new WhichKindKind(),
        new NameAngleKind(),
        new OutlineKind(),
        new CompareKind(),
        new EstimateKind(),
        new DrawByEyeKind(),
        new ExactlyKind(),
        new ReadLaidKind(),
        new MeasureKind(),
        new BothArmsKind(),
        new ReflexKind(),
        new FullTurnKind(),
        new RangeKind(),
        new FigureAnglesKind(),
        new ClockKind(),
        new PartsKind(),
        new SimilarKind(),
        new SideRatiosKind(),
        new FindMistakeKind(),
        new DrawKind(),
        new DrawSpecialKind(),
        new BisectKind(),
        new CopyKind(),
        new BuildKind(),
        new DrawTrianglesKind(),
    ];

    // Every kind has types of its own for items and for responses.
    private static readonly FrozenDictionary<Type, ExerciseKind> ByType = All.SelectMany(k =>
            new[] { (Type: k.ItemType, Kind: k), (Type: k.ResponseType, Kind: k) }
        )
        .ToFrozenDictionary(pair => pair.Type, pair => pair.Kind);

    /// <summary>Finds a kind by its key, or null.</summary>
    public static ExerciseKind? Find(string? key) => All.FirstOrDefault(k => k.Key == key);

    /// <summary>The kind of an item.</summary>
    public static ExerciseKind Of(Item item) => ByType[item.GetType()];

    /// <summary>The kind of a response.</summary>
    public static ExerciseKind Of(Response response) => ByType[response.GetType()];
}

using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>Which mistake a flaw of a construction shows.</summary>
internal static class ConstructionFlaws
{
    /// <summary>How likely a flaw is what it is taken for: of ten that simulated hands made, nine at least were.</summary>
    internal const double SeenRightly = 0.9;

    internal static ConstructionMistake? MistakeOf(ConstructionFlaw flaw) =>
        flaw switch
        {
            ConstructionFlaw.NoArcs => MistakeCatalogue.Get<NoArcs>(),
            ConstructionFlaw.OpeningChanged => MistakeCatalogue.Get<OpeningChanged>(),
            ConstructionFlaw.UnlikeOpenings => MistakeCatalogue.Get<UnlikeOpenings>(),
            ConstructionFlaw.NeedleOff => MistakeCatalogue.Get<NeedleOff>(),
            ConstructionFlaw.ArcsTooShort => MistakeCatalogue.Get<ArcsTooShort>(),
            ConstructionFlaw.WrongCrossing => MistakeCatalogue.Get<WrongCrossing>(),
            _ => null,
        };
}

namespace JauntyCompass.Core.Constructions;

/// <summary>How angles of so many times 15° are built: 60°, 120° and 180° by stepping one opening, every other by halving.</summary>
internal static class StepsOf15
{
    /// <summary>The least number of degrees between two angles that can be built.</summary>
    internal const int Step = 15;

    /// <summary>Between which two directions, both built already, another one is found by halving; in degrees from the ray.</summary>
    /// <param name="degrees">A multiple of 15 under 180 that is none of 60.</param>
    internal static (int From, int To) HalvedBetween(int degrees) =>
        degrees switch
        {
            15 => (0, 30),
            30 => (0, 60),
            45 => (0, 90),
            75 => (60, 90),
            90 => (60, 120),
            105 => (90, 120),
            135 => (120, 150),
            150 => (120, 180),
            _ => (150, 180),
        };

    /// <summary>
    /// How far round the first arc must reach so that every needle finds its crossing on it, in degrees; less than a half turn, so that the
    /// way round is plain, where it is then drawn a little beyond.
    /// </summary>
    internal static int Reach(int degrees) =>
        degrees switch
        {
            15 or 30 or 60 => 60,
            <= 120 => 120,
            _ => 172,
        };
}

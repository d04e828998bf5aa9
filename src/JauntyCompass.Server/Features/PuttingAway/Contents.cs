namespace JauntyCompass.Server.Features.PuttingAway;

/// <summary>What goes with a thing that is deleted.</summary>
/// <param name="Students">Students.</param>
/// <param name="Assignments">Sets given to a class.</param>
/// <param name="Answers">Answers.</param>
public sealed record Contents(int Students, int Assignments, int Answers);

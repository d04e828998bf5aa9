namespace JauntyCompass.Server.Features.Accounts.SigningIn;

/// <summary>How often something may be tried: a few times freely, then with pauses that grow.</summary>
/// <param name="Free">Tries without a pause between them, at least 1.</param>
/// <param name="FirstPause">The pause after the last of them.</param>
/// <param name="Growth">How many times longer each following pause is, at least 1.</param>
/// <param name="LongestPause">No pause is longer.</param>
/// <param name="ForgottenAfter">After so long without a try all is forgotten.</param>
public sealed record TryPolicy(
    int Free,
    TimeSpan FirstPause,
    double Growth,
    TimeSpan LongestPause,
    TimeSpan ForgottenAfter
)
{
    /// <summary>
    /// Somebody at one address tries to be someone: six in the first hour, then one an hour. Together with
    /// <see cref="FromKnownDevice"/> no more than ten.
    /// </summary>
    public static readonly TryPolicy FromAddress = new(
        3,
        TimeSpan.FromSeconds(20),
        10,
        TimeSpan.FromHours(1),
        TimeSpan.FromHours(12)
    );

    /// <summary>At a device where that person has signed in before: four in the first hour. Others' tries do not count here.</summary>
    public static readonly TryPolicy FromKnownDevice = new(
        3,
        TimeSpan.FromMinutes(5),
        12,
        TimeSpan.FromHours(1),
        TimeSpan.FromHours(12)
    );

    /// <summary>Everybody together tries to be one person: some twenty in the first hour, then two an hour.</summary>
    public static readonly TryPolicy AsPerson = new(
        8,
        TimeSpan.FromSeconds(10),
        1.4,
        TimeSpan.FromMinutes(30),
        TimeSpan.FromHours(12)
    );

    /// <summary>Everybody together tries to get into one class: some ninety in the first hour, and never more in any other.</summary>
    public static readonly TryPolicy IntoClass = new(
        60,
        TimeSpan.FromSeconds(10),
        1.15,
        TimeSpan.FromMinutes(15),
        TimeSpan.FromHours(1)
    );

    /// <summary>One address tries anything: more than three hundred students get wrong in a morning.</summary>
    public static readonly TryPolicy AtAll = new(
        300,
        TimeSpan.FromSeconds(1),
        1.1,
        TimeSpan.FromMinutes(1),
        TimeSpan.FromHours(1)
    );

    /// <summary>How long the next try waits after so many.</summary>
    public TimeSpan PauseAfter(int count) =>
        count < Free
            ? TimeSpan.Zero
            : TimeSpan.FromSeconds(
                Math.Min(
                    LongestPause.TotalSeconds,
                    FirstPause.TotalSeconds * Math.Pow(Growth, count - Free)
                )
            );
}

using System.Globalization;
using System.Threading.RateLimiting;
using JauntyCompass.Locales;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using Microsoft.AspNetCore.RateLimiting;

namespace JauntyCompass.Server.Api;

/// <summary>
/// How much anybody may ask for. Whoever is signed in is counted for themselves; others by their address, and then far above what
/// three hundred students behind one address need. What costs most is done one after the other.
/// </summary>
public static class RateLimits
{
    /// <summary>For work that takes many milliseconds: generating, choosing, marking whole files, exports.</summary>
    public const string Heavy = "heavy";

    /// <summary>For what verifies a password or a PIN, which takes long on purpose.</summary>
    public const string SignIn = "sign-in";

    /// <summary>Configuration: false lifts all of these, for trials of what lies behind.</summary>
    public const string Setting = "RateLimits";

    // Requests a second that go on for ever, and how many more at once.
    private static readonly (int ASecond, int AtOnce) OfAPerson = (100, 300);
    private static readonly (int ASecond, int AtOnce) OfAnAddress = (300, 3000);
    private static readonly (int ASecond, int AtOnce) HeavyOfAPerson = (3, 30);
    private static readonly (int ASecond, int AtOnce) HeavyOfAnAddress = (1, 6);

    // So many wait for their turn at heavy work; the rest comes again later.
    private const int HeavyWaiting = 30;
    private const int SigningInAtOnce = 2;
    private const int SigningInWaiting = 400;

    public static void AddRateLimits(this IServiceCollection services, IConfiguration configuration)
    {
        if (!configuration.GetValue(Setting, true))
        {
            services.AddRateLimiter(options =>
            {
                options.AddPolicy(Heavy, _ => RateLimitPartition.GetNoLimiter(""));
                options.AddPolicy(SignIn, _ => RateLimitPartition.GetNoLimiter(""));
            });
            return;
        }
        services.AddRateLimiter(options =>
        {
            options.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
            options.OnRejected = Refuse;
            options.GlobalLimiter = PartitionedRateLimiter.CreateChained(
                PartitionedRateLimiter.Create<HttpContext, string>(Everything),
                PartitionedRateLimiter.Create<HttpContext, string>(HeavyOfEverybody)
            );
            options.AddPolicy(Heavy, HeavyOfOne);
            options.AddPolicy(SignIn, SigningIn);
        });
    }

    private static RateLimitPartition<string> Everything(HttpContext context) =>
        !context.Request.Path.StartsWithSegments("/api") ? RateLimitPartition.GetNoLimiter("")
        : PersonOf(context) is string person ? Bucket(person, OfAPerson)
        : Bucket(Tries.AddressOf(context), OfAnAddress);

    private static RateLimitPartition<string> HeavyOfOne(HttpContext context) =>
        PersonOf(context) is string person
            ? Bucket(person, HeavyOfAPerson)
            : Bucket(Tries.AddressOf(context), HeavyOfAnAddress);

    // One at a time: the other processor is for those who hand in.
    private static RateLimitPartition<string> HeavyOfEverybody(HttpContext context) =>
        context.GetEndpoint()?.Metadata.GetMetadata<EnableRateLimitingAttribute>()?.PolicyName
        == Heavy
            ? RateLimitPartition.GetConcurrencyLimiter(
                "",
                _ => new ConcurrencyLimiterOptions
                {
                    PermitLimit = 1,
                    QueueLimit = HeavyWaiting,
                    QueueProcessingOrder = QueueProcessingOrder.OldestFirst,
                }
            )
            : RateLimitPartition.GetNoLimiter("");

    private static RateLimitPartition<string> SigningIn(HttpContext context) =>
        RateLimitPartition.GetConcurrencyLimiter(
            Tries.AddressOf(context),
            _ => new ConcurrencyLimiterOptions
            {
                PermitLimit = SigningInAtOnce,
                QueueLimit = SigningInWaiting,
                QueueProcessingOrder = QueueProcessingOrder.OldestFirst,
            }
        );

    private static string? PersonOf(HttpContext context) =>
        context.User.Identity?.IsAuthenticated == true ? context.User.Id().ToString() : null;

    private static RateLimitPartition<string> Bucket(
        string whose,
        (int ASecond, int AtOnce) allowed
    ) =>
        RateLimitPartition.GetTokenBucketLimiter(
            whose,
            _ => new TokenBucketRateLimiterOptions
            {
                TokenLimit = allowed.AtOnce,
                TokensPerPeriod = allowed.ASecond,
                ReplenishmentPeriod = TimeSpan.FromSeconds(1),
            }
        );

    private static async ValueTask Refuse(
        OnRejectedContext rejected,
        CancellationToken cancellation
    )
    {
        HttpContext context = rejected.HttpContext;
        int seconds = rejected.Lease.TryGetMetadata(MetadataName.RetryAfter, out TimeSpan wait)
            ? Math.Max(1, (int)Math.Ceiling(wait.TotalSeconds))
            : 2;
        context.Response.Headers.RetryAfter = seconds.ToString(CultureInfo.InvariantCulture);
        await Problems
            .Of(
                StatusCodes.Status429TooManyRequests,
                Text.Problems.ALotAtOnce,
                Text.Problems.ALotAtOnceDetail(seconds)
            )
            .ExecuteAsync(context);
    }
}

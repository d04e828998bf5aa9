using System.Globalization;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Api.Saying;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Adaptive;
using JauntyCompass.Server.Features.Algebra;
using JauntyCompass.Server.Features.Angles;
using JauntyCompass.Server.Features.Assignments;
using JauntyCompass.Server.Features.Bench;
using JauntyCompass.Server.Features.Cabinet;
using JauntyCompass.Server.Features.Classes;
using JauntyCompass.Server.Features.Constructions;
using JauntyCompass.Server.Features.Demonstrations;
using JauntyCompass.Server.Features.Files;
using JauntyCompass.Server.Features.Instruments;
using JauntyCompass.Server.Features.Keeping;
using JauntyCompass.Server.Features.Kinds;
using JauntyCompass.Server.Features.Marks;
using JauntyCompass.Server.Features.Readings;
using JauntyCompass.Server.Features.Rulers;
using JauntyCompass.Server.Features.RunningOrders;
using JauntyCompass.Server.Features.School;
using JauntyCompass.Server.Features.Sets;
using JauntyCompass.Server.Operations;
using JauntyCompass.Server.Storage;

namespace JauntyCompass.Server;

/// <summary>The application, put together: its services, what every request passes through, and its endpoints.</summary>
public static class Application
{
    /// <summary>Puts it together; it does not listen yet.</summary>
    public static WebApplication Build(string[] args)
    {
        // Numbers and letters are the same whatever language the machine speaks.
        CultureInfo.DefaultThreadCurrentCulture = CultureInfo.InvariantCulture;
        CultureInfo.CurrentCulture = CultureInfo.InvariantCulture;
        WebApplicationBuilder builder = WebApplication.CreateBuilder(
            new WebApplicationOptions { Args = args, ContentRootPath = AppContext.BaseDirectory }
        );
        AddServices(builder);
        WebApplication app = builder.Build();
        UseMiddleware(app);
        MapEndpoints(app);
        return app;
    }

    private static void AddServices(WebApplicationBuilder builder)
    {
        IServiceCollection services = builder.Services;
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.AddServerHeader = false;
            kestrel.Limits.MaxRequestBodySize = Limits.BodyKilobytes * 1024;
            kestrel.Limits.RequestHeadersTimeout = TimeSpan.FromSeconds(15);
        });
        services.AddSaying();
        services.AddProblems();
        services.AddDescription();
        services.AddProxies(builder.Configuration);
        services.AddStorage(builder.Configuration);
        services.AddProtection(builder.Configuration);
        services.AddPeople();
        services.AddRateLimits(builder.Configuration);
        services.AddOutputCache(options =>
            options.AddPolicy(
                OpenApiSetup.CachePolicy,
                policy => policy.Expire(TimeSpan.FromDays(1))
            )
        );
        services.AddResponseCompression(options => options.EnableForHttps = true);
        services.AddSingleton(TimeProvider.System);
        services.AddScoped<SchoolSettings>();
        services.AddScoped<OpenAssignments>();
        services.AddScoped<AnswerReceiver>();
        services.AddSingleton<RememberedHistories>();
        services.AddSingleton<AnswerBatchWriter>();
        services.AddHostedService(provider => provider.GetRequiredService<AnswerBatchWriter>());
        services.AddScoped<Tidying>();
        services.AddHostedService<DailyTidying>();
        services.AddHealth();
        builder.AddObserving();
    }

    private static void UseMiddleware(WebApplication app)
    {
        app.UseUnreadableTargets();
        app.UseForwardedHeaders();
        app.UseSecurityHeaders();
        app.UseResponseCompression();
        app.UseSaying();
        app.UseProblems();
        app.UseKnownHosts();
        app.UseRooms();
        app.UseRouting();
        app.UseAuthentication();
        app.UseRateLimiter();
        app.UseAuthorization();
        app.UseOutputCache();
    }

    private static void MapEndpoints(WebApplication app)
    {
        app.MapPages();
        app.MapOpenApi("/openapi/{documentName}.json").CacheOutput(OpenApiSetup.CachePolicy);
        app.MapHealth();

        RouteGroupBuilder api = app.MapGroup("/api/v1")
            .AddEndpointFilter<CheckedFilter>()
            .ProducesProblem(429);
        api.MapInstruments();
        api.MapInstrumentFiles();
        api.MapFiles();
        api.MapKinds();
        api.MapReadings();
        api.MapAngles();
        api.MapAlgebra();
        api.MapConstructions();
        api.MapRulers();
        api.MapDemonstrations();
        api.MapGeneration();
        api.MapMarks();
        api.MapNextItem();
        api.MapSchool();
        api.MapTeachers();

        RouteGroupBuilder teacher = api.MapGroup("")
            .RequireAuthorization(People.TeacherPolicy)
            .AddEndpointFilter<AntiforgeryFilter>()
            .ProducesProblem(401);
        teacher.MapAccount();
        teacher.MapClasses();
        teacher.MapSets();
        teacher.MapAssignments();
        teacher.MapCabinet();
        teacher.MapRunningOrders();
        teacher.MapSetFiles();
        teacher.MapAnswerFiles();
        teacher.MapAnswerMarking();

        RouteGroupBuilder head = api.MapGroup("")
            .RequireAuthorization(People.HeadPolicy)
            .AddEndpointFilter<AntiforgeryFilter>()
            .ProducesProblem(401)
            .ProducesProblem(403);
        head.MapStaff();
        head.MapSchoolSettings();

        RouteGroupBuilder bench = api.MapGroup("/bench");
        bench.MapStudents();
        bench
            .MapGroup("")
            .RequireAuthorization(People.StudentPolicy)
            .AddEndpointFilter<AntiforgeryFilter>()
            .ProducesProblem(401)
            .MapBench();
    }
}

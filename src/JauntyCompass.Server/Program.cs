using JauntyCompass.Core.Exercises;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Adaptive;
using JauntyCompass.Server.Features.Angles;
using JauntyCompass.Server.Features.Assignments;
using JauntyCompass.Server.Features.Bench;
using JauntyCompass.Server.Features.Cabinet;
using JauntyCompass.Server.Features.Classes;
using JauntyCompass.Server.Features.Demo;
using JauntyCompass.Server.Features.Demonstrations;
using JauntyCompass.Server.Features.Files;
using JauntyCompass.Server.Features.Instruments;
using JauntyCompass.Server.Features.Kinds;
using JauntyCompass.Server.Features.Marks;
using JauntyCompass.Server.Features.Readings;
using JauntyCompass.Server.Features.RunningOrders;
using JauntyCompass.Server.Features.Sets;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.DataProtection.AuthenticatedEncryption;
using Microsoft.AspNetCore.DataProtection.AuthenticatedEncryption.ConfigurationModel;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

WebApplicationBuilder builder = WebApplication.CreateBuilder(args);
builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.AddServerHeader = false;
    kestrel.Limits.MaxRequestBodySize = Limits.BodyKilobytes * 1024;
});
builder.Services.ConfigureHttpJsonOptions(json => ExerciseJson.Apply(json.SerializerOptions));
builder.Services.AddProblems();
builder.Services.AddDescription();
builder.Services.AddStorage(builder.Configuration);
builder
    .Services.AddDataProtection()
    .SetApplicationName("jaunty-compass")
    .UseCryptographicAlgorithms(
        new AuthenticatedEncryptorConfiguration
        {
            EncryptionAlgorithm = EncryptionAlgorithm.AES_256_GCM,
        }
    )
    .PersistKeysToDbContext<JauntyDbContext>();
RememberedProtection.Register(builder.Services);
builder.Services.AddPeople();
builder.Services.AddAntiforgery(options =>
{
    options.HeaderName = Limits.AntiforgeryHeader;
    options.Cookie.Name = "jaunty-forgery";
    options.Cookie.SameSite = SameSiteMode.Strict;
});
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddSingleton<IPasswordHasher<Student>, PasswordHasher<Student>>();
builder.Services.AddMemoryCache();
builder.Services.AddScoped<OpenAssignments>();
builder.Services.AddScoped<AnswerIntake>();
builder.Services.AddSingleton<AnswerWriter>();
builder.Services.AddHostedService(provider => provider.GetRequiredService<AnswerWriter>());
builder.Services.AddHealthChecks().AddCheck<DatabaseHealth>("database");

WebApplication app = builder.Build();
app.UseSecurityHeaders();
app.UseProblems();
app.UsePages();
app.UseAuthentication();
app.UseAuthorization();
app.MapOpenApi("/openapi/{documentName}.json");
app.MapHealthChecks("/health", DatabaseHealth.Options);

RouteGroupBuilder api = app.MapGroup("/api/v1").AddEndpointFilter<CheckedFilter>();
api.MapInstruments();
api.MapInstrumentFiles();
api.MapFiles();
api.MapKinds();
api.MapReadings();
api.MapAngles();
api.MapDemonstrations();
api.MapGeneration();
api.MapMarks();
api.MapNextItem();
api.MapTeachers();

RouteGroupBuilder teacher = api.MapGroup("")
    .RequireAuthorization(People.TeacherPolicy)
    .AddEndpointFilter<AntiforgeryFilter>()
    .ProducesProblem(401);
teacher.MapClasses();
teacher.MapSets();
teacher.MapAssignments();
teacher.MapCabinet();
teacher.MapRunningOrders();
teacher.MapSetFiles();
teacher.MapAnswerFiles();

RouteGroupBuilder bench = api.MapGroup("/bench");
bench.MapStudents();
bench
    .MapGroup("")
    .RequireAuthorization(People.StudentPolicy)
    .AddEndpointFilter<AntiforgeryFilter>()
    .ProducesProblem(401)
    .MapBench();

if (app.Configuration["write-openapi"] is string file)
{
    // The description knows the endpoints only once the application has started; it needs no database.
    await app.StartAsync();
    var provider = app.Services.GetRequiredKeyedService<IOpenApiDocumentProvider>(
        OpenApiSetup.DocumentName
    );
    await File.WriteAllTextAsync(
        file,
        await (await provider.GetOpenApiDocumentAsync()).SerializeAsJsonAsync(
            OpenApiSpecVersion.OpenApi3_1
        )
    );
    await app.StopAsync();
    return 0;
}

try
{
    await StorageSetup.MigrateAsync(app.Services);
    if (args.Contains("--demo"))
    {
        await DemoData.FillAsync(app.Services);
        await DemoData.PrintSignInsAsync(app.Services, Console.Out);
    }
}
catch (Exception error) when (StorageSetup.IsOutage(error))
{
    // One line that ./start passes on.
    await Console.Error.WriteLineAsync(
        $"database cannot be reached: {error.GetBaseException().Message.TrimEnd('.')}. Start it, or check the connection string."
    );
    return 1;
}
await app.RunAsync();
return 0;

/// <summary>Entry point; named so that tests can start the application.</summary>
public partial class Program;

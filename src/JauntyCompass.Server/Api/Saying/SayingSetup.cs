using System.Text.Json.Serialization.Metadata;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace JauntyCompass.Server.Api.Saying;

/// <summary>Replies say things in the language of whoever asked.</summary>
public static class SayingSetup
{
    /// <summary>Name of the property that tells what an instrument is called; beside its data, which is the same in every language.</summary>
    public const string Title = "title";

    /// <summary>Adds what says things.</summary>
    public static void AddSaying(this IServiceCollection services)
    {
        services.AddHttpContextAccessor();
        services.AddScoped<Speaker>();
        services.AddSingleton<IConfigureOptions<JsonOptions>>(
            provider => new ConfigureOptions<JsonOptions>(json =>
            {
                ExerciseJson.Apply(json.SerializerOptions);
                json.SerializerOptions.Converters.Insert(
                    0,
                    new SpokenMessageJson(provider.GetRequiredService<IHttpContextAccessor>())
                );
                (
                    (DefaultJsonTypeInfoResolver)json.SerializerOptions.TypeInfoResolver!
                ).Modifiers.Add(AddTitles);
            })
        );
    }

    /// <summary>What is said in a reply depends on the language that was asked for.</summary>
    public static void UseSaying(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                if (context.Request.Path.StartsWithSegments("/api"))
                {
                    context.Response.OnStarting(() =>
                    {
                        context.Response.Headers.Append("Vary", "Accept-Language");
                        context.Response.Headers.ContentLanguage = context
                            .RequestServices.GetRequiredService<Speaker>()
                            .Phrasing.Language.Tag;
                        return Task.CompletedTask;
                    });
                }
                return next(context);
            }
        );

    private static void AddTitles(JsonTypeInfo type)
    {
        if (type.Type != typeof(Protractor))
        {
            return;
        }
        JsonPropertyInfo title = type.CreateJsonPropertyInfo(typeof(Message), Title);
        title.Get = protractor => InstrumentWords.Name((Protractor)protractor);
        type.Properties.Add(title);
    }
}

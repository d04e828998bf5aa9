using JauntyCompass.Core.Exercises;
using NetArchTest.Rules;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Architecture;

public class DependencyTests
{
    private static Types Assembly => Types.InAssembly(typeof(ExerciseKinds).Assembly);

    [Fact]
    public void The_core_knows_no_web_no_storage_no_files_and_no_clock() =>
        Assembly
            .ShouldNot()
            .HaveDependencyOnAny(
                "Microsoft.AspNetCore",
                "Microsoft.EntityFrameworkCore",
                "Npgsql",
                "System.IO.File",
                "System.DateTime",
                "System.DateTimeOffset",
                "System.Random"
            )
            .GetResult()
            .FailingTypeNames.ShouldBeNull();

    [Fact]
    public void Geometry_knows_nothing_of_instruments_and_instruments_nothing_of_marking()
    {
        Assembly
            .That()
            .ResideInNamespace("JauntyCompass.Core.Angles")
            .ShouldNot()
            .HaveDependencyOnAny(
                "JauntyCompass.Core.Instruments",
                "JauntyCompass.Core.Marking",
                "JauntyCompass.Core.Exercises"
            )
            .GetResult()
            .FailingTypeNames.ShouldBeNull();
        Assembly
            .That()
            .ResideInNamespace("JauntyCompass.Core.Instruments")
            .ShouldNot()
            .HaveDependencyOnAny(
                "JauntyCompass.Core.Marking",
                "JauntyCompass.Core.Exercises",
                "JauntyCompass.Core.Demonstrations"
            )
            .GetResult()
            .FailingTypeNames.ShouldBeNull();
    }

    [Fact]
    public void No_folder_depends_on_itself_through_another()
    {
        const string Root = "JauntyCompass.Core.";
        Type[] all = [.. typeof(ExerciseKinds).Assembly.GetTypes()];
        string[] folders =
        [
            .. all.Select(t => t.Namespace)
                .OfType<string>()
                .Where(n => n.StartsWith(Root, StringComparison.Ordinal))
                .Select(n => n[Root.Length..].Split('.')[0])
                .Distinct(),
        ];
        folders.Length.ShouldBeGreaterThan(10);
        Dictionary<string, HashSet<string>> uses = folders.ToDictionary(
            f => f,
            f =>
                folders
                    .Where(other =>
                        other != f
                        && Assembly
                            .That()
                            .ResideInNamespace(Root + f)
                            .And()
                            .HaveDependencyOn(Root + other)
                            .GetTypes()
                            .Any()
                    )
                    .ToHashSet()
        );
        // Folders that use none that is left are taken away, again and again; in a circle nobody comes first.
        while (uses.FirstOrDefault(u => u.Value.Count == 0).Key is string first)
        {
            uses.Remove(first);
            foreach (HashSet<string> others in uses.Values)
            {
                others.Remove(first);
            }
        }
        string.Join("; ", uses.Select(u => $"{u.Key} uses {string.Join(", ", u.Value)}"))
            .ShouldBeEmpty();
    }

    [Fact]
    public void Marking_knows_no_kind_of_exercise_and_kinds_do_not_know_each_other()
    {
        Assembly
            .That()
            .ResideInNamespace("JauntyCompass.Core.Marking")
            .ShouldNot()
            .HaveDependencyOn("JauntyCompass.Core.Exercises.Kinds")
            .GetResult()
            .FailingTypeNames.ShouldBeNull();
        foreach (ExerciseKind kind in ExerciseKinds.All)
        {
            string own = kind.GetType().Namespace!;
            string[] others =
            [
                .. ExerciseKinds.All.Select(k => k.GetType().Namespace!).Where(n => n != own),
            ];
            Assembly
                .That()
                .ResideInNamespace(own)
                .ShouldNot()
                .HaveDependencyOnAny(others)
                .GetResult()
                .FailingTypeNames.ShouldBeNull();
        }
    }

    [Fact]
    public void Each_kind_lives_in_a_folder_of_its_own_and_every_kind_is_registered()
    {
        Type[] kinds =
        [
            .. typeof(ExerciseKind)
                .Assembly.GetTypes()
                .Where(t => t.IsSubclassOf(typeof(ExerciseKind)) && !t.IsAbstract),
        ];
        kinds.ShouldBe(ExerciseKinds.All.Select(k => k.GetType()), ignoreOrder: true);
        kinds.Select(k => k.Namespace).Distinct().Count().ShouldBe(kinds.Length);
        Type[] mistakes =
        [
            .. typeof(Core.Marking.Mistake)
                .Assembly.GetTypes()
                .Where(t => t.IsSubclassOf(typeof(Core.Marking.Mistake)) && !t.IsAbstract),
        ];
        mistakes.ShouldBe(
            Core.Marking.MistakeCatalogue.All.Select(m => m.GetType()),
            ignoreOrder: true
        );
    }
}

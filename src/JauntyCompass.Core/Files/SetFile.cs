using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Files;

/// <summary>A set as it was generated, as a file: what was wanted, and every item with all that is needed to show and to mark it.</summary>
/// <param name="Format">Always <c>jaunty-set</c>.</param>
/// <param name="Version">2.</param>
/// <param name="Title">What the teacher calls it.</param>
/// <param name="Specification">What was wanted.</param>
/// <param name="Seed">The seed, 0 to 2147483647.</param>
/// <param name="GeneratorVersion">Number of the generator that made it.</param>
/// <param name="Items">The items of the first form, 1 to 60.</param>
/// <param name="Forms">Further parallel forms, at most 39, each as long and of the same kinds as the first.</param>
public sealed record SetFile(
    string Format,
    int Version,
    string Title,
    SetSpecification Specification,
    int Seed,
    int GeneratorVersion,
    IReadOnlyList<Item> Items,
    IReadOnlyList<IReadOnlyList<Item>> Forms
) : IValidatable
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "jaunty-set";

    /// <summary>The version that this code writes; it reads all before it, too.</summary>
    public const int CurrentVersion = OlderForms.Newest;

    /// <summary>The longest file that is read, in characters.</summary>
    public const int LongestText = 12_000_000;

    /// <summary>A file of a set.</summary>
    public static SetFile Of(
        string title,
        SetSpecification specification,
        int seed,
        int generatorVersion,
        IReadOnlyList<Item> items,
        IReadOnlyList<IReadOnlyList<Item>> forms
    ) =>
        new(FormatName, CurrentVersion, title, specification, seed, generatorVersion, items, forms);

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        JsonFile.CheckFormat(errors, (FormatName, CurrentVersion), Format, Version);
        errors.Text("title", Title, 1, 120);
        errors.Within("specification", Specification);
        errors.Range("seed", Seed, 0, int.MaxValue);
        errors.Range("generatorVersion", GeneratorVersion, 1, SetGenerator.Version);
        errors.Each("items", Items, 1, SetSpecification.MostItems);
        if (errors.None && Items.Count != Specification.Count)
        {
            errors.Add("items", Text.Validation.Set.Count(Specification.Count));
        }
        if (errors.Count("forms", Forms, 0, SetSpecification.MostForms - 1) && errors.None)
        {
            for (int i = 0; i < Forms.Count; i++)
            {
                CheckForm(errors, $"forms[{i}]", Forms[i]);
            }
        }
    }

    private void CheckForm(ValidationErrors errors, string field, IReadOnlyList<Item>? form)
    {
        if (form?.Count != Items.Count)
        {
            errors.Add(field, Text.Validation.Set.CountOfForm(Items.Count));
            return;
        }
        for (int i = 0; i < form.Count; i++)
        {
            errors.Within($"{field}[{i}]", form[i]);
            if (form[i] is { } item && ExerciseKinds.Of(item) != ExerciseKinds.Of(Items[i]))
            {
                errors.Add(
                    $"{field}[{i}].kind",
                    Text.Validation.Set.KindOfForm(ExerciseKinds.Of(Items[i]).Key)
                );
            }
        }
    }
}

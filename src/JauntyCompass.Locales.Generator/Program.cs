using JauntyCompass.Locales.Generator;

// Reads the catalogues, refuses those that do not fit together, and writes the types by which the code speaks in messages.
if (args is not [string folder, string output])
{
    Console.Error.WriteLine("usage: JauntyCompass.Locales.Generator FOLDER OUTPUT.cs");
    return 2;
}
var problems = new Problems();
var catalogues = CatalogueFiles.Read(folder, problems);
CatalogueChecks.Check(catalogues, problems);
if (problems.Any)
{
    problems.Print(Console.Out);
    return 1;
}
string text = TypedMessages.Write(catalogues);

// What has not changed is left alone, so that nothing is compiled again for it.
if (!File.Exists(output) || File.ReadAllText(output) != text)
{
    File.WriteAllText(output, text);
}
return 0;

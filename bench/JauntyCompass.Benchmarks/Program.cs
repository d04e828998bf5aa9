using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Jobs;
using BenchmarkDotNet.Running;
using JauntyCompass.Benchmarks;

if (args is ["habits"])
{
    HabitTrial.Run(Console.Out);
    return;
}

if (args is ["confusion"])
{
    ConfusionTrial.Run(Console.Out);
    return;
}

if (args is ["pairs"])
{
    PairTrial.Run(Console.Out);
    return;
}

if (args is ["calibration"])
{
    CalibrationTrial.Run(Console.Out);
    return;
}

if (args is ["adaptive"])
{
    AdaptiveTrial.Run(Console.Out);
    return;
}
if (args is ["drawings"])
{
    DrawingTrial.Run(Console.Out);
    return;
}

if (args is ["constructions"])
{
    ConstructionTrial.Run(Console.Out);
    return;
}

if (args is ["kinds"])
{
    KindTrial.Run(Console.Out);
    return;
}

// Short runs by default: figures for a look, not for the third decimal. --job default measures longer.
IConfig config = args.Contains("--job")
    ? DefaultConfig.Instance
    : DefaultConfig.Instance.AddJob(Job.ShortRun);
BenchmarkSwitcher.FromAssembly(typeof(CoreBenchmarks).Assembly).Run(args, config);

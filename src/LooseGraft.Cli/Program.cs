using LooseGraft.Cli;
using LooseGraft.Core.Facts;

// Nearly all commands need them, and another processor can fetch them while the command line and the file are read.
_ = Task.Run(ReferenceFigures.Read);
return Commands.Root().Parse(args).Invoke();

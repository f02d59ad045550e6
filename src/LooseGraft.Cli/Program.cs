using LooseGraft.Cli;

return Commands.Root().Parse(args).Invoke();

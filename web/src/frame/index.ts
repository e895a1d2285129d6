export { Frame } from "./Frame";
export { NotFound } from "./NotFound";
export { CommandsProvider } from "./Commands";
export { useCommands, type Command } from "./commandRegistry";

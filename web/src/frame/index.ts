export { Frame } from "./Frame";
export { NotFound } from "./NotFound";
export { useCommands, type Command } from "./commandRegistry";
export { SearchBox } from "./SearchBox";
export { StationTabs, useStationName } from "./StationTabs";

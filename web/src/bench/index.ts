export { BenchPage } from "./BenchPage";
export { DevicesPage } from "./DevicesPage";
export { entryWords, reading } from "./log";
export { WindowChart } from "./WindowChart";
export { Photos, Small } from "./Photos";
export { StartPage } from "./StartPage";

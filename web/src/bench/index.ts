export { BenchPage } from "./BenchPage";
export { DevicesPage } from "./DevicesPage";
export { entryWords, reading } from "./log";
export { WindowChart } from "./WindowChart";
export { StartPage } from "./StartPage";

export { BenchPage } from "./BenchPage";
export { DevicesPage } from "./DevicesPage";
export { StartPage } from "./StartPage";

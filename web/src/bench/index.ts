export { BenchPage } from "./BenchPage";
export { StartPage } from "./StartPage";

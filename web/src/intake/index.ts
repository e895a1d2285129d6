export { IntakePage } from "./IntakePage";
export { WeighNext } from "./WeighNext";
export { Slips } from "./Slips";

export { IntakePage } from "./IntakePage";
export { Slips } from "./Slips";

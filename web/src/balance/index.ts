export { BalancePage } from "./BalancePage";

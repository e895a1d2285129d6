export { GuidePage } from "./GuidePage";

export { PortionPage } from "./PortionPage";

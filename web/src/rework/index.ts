export { ReworkPage } from "./ReworkPage";

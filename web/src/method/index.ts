export { MethodPage } from "./MethodPage";

export { PrepPage } from "./PrepPage";

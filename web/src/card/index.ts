export { CardPage } from "./CardPage";

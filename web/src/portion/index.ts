export { OrderPage } from "./OrderPage";
export { PortionPage } from "./PortionPage";

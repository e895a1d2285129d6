export { PantryPage } from "./PantryPage";
export { Facts } from "./Facts";

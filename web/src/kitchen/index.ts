export { KitchenPage } from "./KitchenPage";
export { KitchenProvider, useFigures } from "./KitchenProvider";
export type { Figures } from "./units";

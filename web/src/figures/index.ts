export { FiguresProvider, useFigures } from "./FiguresProvider";
export type { Figures } from "./units";

export { FiguresProvider, useFigures } from "./FiguresProvider";
export { type Figures, figuresOf } from "./units";

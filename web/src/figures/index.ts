export { FiguresProvider, useFigures } from "./FiguresProvider";
export { type Figures, figuresOf, GRAMS_PER_OUNCE, MM_PER_CM, MM_PER_INCH } from "./units";

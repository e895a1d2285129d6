export { SoftnessChart } from "./SoftnessChart";
export { HandlingFigures } from "./HandlingFigures";

export { Cautions } from "./Cautions";
export { StepCautions } from "./StepCautions";

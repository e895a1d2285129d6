export { PlanPage } from "./PlanPage";
export { RunPage } from "./RunPage";
export { SavedDaysPage } from "./SavedDaysPage";

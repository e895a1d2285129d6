export { ProblemNotice } from "./ProblemNotice";
export { NoticesProvider, useNotices } from "./Notices";
export { NumberField, type NumberEntry } from "./NumberField";
export { Dialog } from "./Dialog";
export { FilePicker } from "./FilePicker";
export { Hint } from "./Hint";
export { Swatch, MaterialPatterns, materialFill, materialInk } from "./Materials";
export { Steps } from "./Steps";
export { Faulty } from "./Faulty";

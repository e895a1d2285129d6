export { faultWords, problemTitle, problemWords } from "./faults";
export { findingWords } from "./findings";
export { groupWords } from "./groups";
export { GLOSSARY, type GlossaryTerm } from "./glossary";
export { stepWords } from "./reasons";
export { saidFaults, type SaidFault, type SaidProblem, useProblem } from "./useProblem";

export { faultWords, problemTitle, problemWords } from "./faults";
export { findingWords } from "./findings";
export { groupWords } from "./groups";
export { GLOSSARY, type GlossaryTerm } from "./glossary";
export { type FormulaPart, plainNumber, ruleFormula, stepSum } from "./formulas";
export { chapterWords, ruleWords, sourceWords, topicWords } from "./model";
export { stepWords } from "./reasons";
export { symbolWords } from "./symbols";
export { saidFaults, type SaidFault, type SaidProblem, useProblem } from "./useProblem";

export { CAUTIONS_DEFER, causeWords, cautionWords } from "./cautions";
export { faultWords, problemTitle, problemWords } from "./faults";
export { findingWords } from "./findings";
export { groupWords } from "./groups";
export { instructionWords, obstacleWords } from "./instructions";
export { adviceWords, drillWords, endPointWords, symptomCauseWords, symptomWords } from "./handling";
export { GLOSSARY, type GlossaryTerm } from "./glossary";
export { type FormulaPart, plainNumber, ruleFormula, stepSum } from "./formulas";
export { ACCURACY, doughKindWords, chapterWords, ruleWords, sourceWords, topicWords } from "./model";
export { brokenName, FORMULA_FIGURES, type FormulaFigure, figureName, figureUnit, figureWords } from "./formulaFigures";
export { ingredientName, shortName } from "./ingredients";
export { carriedWords, changeWords, FOLLOWING, insteadWords, reasonWords, reworkNote } from "./rework";
export { stepWords } from "./reasons";
export { schoolWords } from "./schools";
export { symbolWords } from "./symbols";
export { saidFaults, type SaidFault, type SaidProblem, useProblem } from "./useProblem";
export { saidBriefly, saidNowBy } from "./said";
export { waterBriefly, waterRange, waterWords } from "./water";
export {
  countedWords,
  effectsNotes,
  FOLD_WORDS,
  mainEffectWords,
  measureHint,
  measureName,
  type NamedFactor,
  TRIAL_MEASURES,
  type TrialMeasure,
} from "./trials";
export { BLEND_FIGURES, type BlendFigure, blendFigureName, blendFigureWords } from "./blend";
export { againstWords, LETTERS } from "./comparison";
export { offSize, offWords, type OutcomeFigure, outcomeFigureName, outcomeFigureWords } from "./outcomes";
export { benchStepName, bowlName, benchStepNameOf, OUTCOMES, madeAsWords, outcomeName, READINGS } from "./bench";
export {
  clockWords,
  demandWords,
  durationWords,
  missedWords,
  movedWords,
  alternativeWords,
  placeName,
  gapWords,
  takesUpWords,
  trayWords,
  wayOutWords,
  ROLES,
  roleWords,
  taskName,
  untilWords,
  tooFewWords,
  tooMuchWords,
} from "./plan";
export { WRITING } from "./writing";

export { GLOSSARY, type GlossaryTerm } from "./glossary";
export { stepWords, type StepWords } from "./reasons";

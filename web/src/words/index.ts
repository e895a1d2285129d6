export { GLOSSARY, type GlossaryTerm } from "./glossary";

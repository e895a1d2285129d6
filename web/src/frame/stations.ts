/** A station of the craft, in the order of the work. Each appears once it is built. */
export interface Station {
  path: string;
  name: string;
  question: string;
  keys: string;
}

export const STATIONS: Station[] = [
  {
    path: "intake",
    name: "Intake",
    keys: "alt+i",
    question: "I have a recipe in cups and handfuls. What is it in grams, and how sure is that?",
  },
  {
    path: "prep",
    name: "Prep",
    keys: "alt+p",
    question: "What happens to the vegetable before it meets the flour, and how much water is left in it?",
  },
  { path: "balance", name: "Balance", keys: "alt+b", question: "Who brings water, who drinks it, how much do I add?" },
  { path: "method", name: "Method", keys: "alt+m", question: "Which way of making it, and what does each do?" },
  { path: "handling", name: "Handling", keys: "alt+h", question: "When can I roll it, how thin, how gently?" },
  {
    path: "rework",
    name: "Rework",
    keys: "alt+e",
    question: "What becomes of it with another flour, or more of the vegetable?",
  },
  {
    path: "portion",
    name: "Portion",
    keys: "alt+o",
    question: "How many pieces of which size, how are they cooked, and how long do they stay soft?",
  },
  {
    path: "card",
    name: "Card",
    keys: "alt+c",
    question: "What does it look like on paper: for the cook, for a customer, on the pack?",
  },
];

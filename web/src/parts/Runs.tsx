import type { CardRun } from "../api";

/** Words of which some stand out. */
export function Runs({ runs }: { runs: CardRun[] }) {
  return runs.map(({ text, strong }, index) =>
    strong ? <strong key={index}>{text}</strong> : <span key={index}>{text}</span>,
  );
}

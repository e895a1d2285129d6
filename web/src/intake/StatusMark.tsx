import type { DraftLine } from "../formula";

const MARKS = {
  read: { sign: "✓", name: "read", tone: "text-primary" },
  check: { sign: "?", name: "to confirm", tone: "text-warning" },
  "unknown-amount": { sign: "…", name: "amount not known", tone: "text-warning" },
  unread: { sign: "✕", name: "not understood", tone: "text-error" },
};

/** How far a line is understood: a sign with its name. */
export function StatusMark({ line }: { line: DraftLine }) {
  const { sign, name, tone } = MARKS[line.open ?? (line.check ? "check" : "read")];
  return (
    <span
      role="img"
      aria-label={name}
      title={name}
      className={`${tone} border-current mt-px inline-flex size-5 shrink-0 items-center justify-center rounded-full border text-xs font-bold`}
    >
      {sign}
    </span>
  );
}

import { ChevronRight } from "lucide-react";
import { memo, useState } from "react";
import { Link } from "react-router";
import type { HandlingAnswer, Help, Reason } from "../api";
import { useFigures } from "../figures";
import { Hint, Steps } from "../parts";
import type { GlossaryTerm } from "../words";
import { type Figure, FIGURES } from "./figureWords";
import { helpCosts, helpWords } from "./helpWords";

interface Scale {
  /** Ends of the scale. */
  from: number;
  to: (answer: HandlingAnswer) => number;
  /** Where the limit stands; null for none. */
  limit: (answer: HandlingAnswer) => number | null;
  better: "high" | "low";
  term?: GlossaryTerm;
}

const PERCENT = { from: 0, to: () => 100 };
const RISK = { ...PERCENT, limit: (answer: HandlingAnswer) => answer.riskLimitPct, better: "low" as const };
const SCALES: Record<Figure, Scale> = {
  rollability: { ...PERCENT, limit: () => null, better: "high", term: "rollability" },
  gluten: { from: 0, to: () => 130, limit: () => null, better: "high", term: "gluten" },
  "sheet-strength": { from: 0, to: () => 130, limit: () => null, better: "high", term: "sheetStrength" },
  "min-sheet": {
    from: 0,
    to: (answer) => Math.max(4, 2 * answer.dough.disc.sheetMm),
    limit: (answer) => answer.dough.disc.sheetMm,
    better: "low",
  },
  stick: RISK,
  crack: RISK,
  tear: RISK,
  "spring-back": { from: 0, to: () => 30, limit: (answer) => answer.style.springLimitPct, better: "low" },
  puff: { ...PERCENT, limit: () => null, better: "high" },
};

interface FigureScalesProps {
  answer: HandlingAnswer;
  name: (code: string | null | undefined) => string;
}

/** The handling figures on their scales; each opens to what moved it and to what would help. */
export const FigureScales = memo(function FigureScales({ answer, name }: FigureScalesProps) {
  const [open, setOpen] = useState<Figure | null>(null);
  return (
    <section aria-label="How it handles">
      <h2 className="section-title pb-1">How it handles when rolled</h2>
      {answer.dough.reasons.map((reason) => (
        <FigureRow
          key={reason.figure}
          reason={reason}
          answer={answer}
          open={open === reason.figure}
          onToggle={() => setOpen(open === reason.figure ? null : reason.figure)}
          name={name}
        />
      ))}
    </section>
  );
});

interface FigureRowProps extends FigureScalesProps {
  reason: Reason;
  open: boolean;
  onToggle: () => void;
}

function FigureRow({ reason, answer, open, onToggle, name }: FigureRowProps) {
  const figures = useFigures();
  const scale = SCALES[reason.figure];
  const { name: called, write } = FIGURES[reason.figure];
  const value = reason.steps.at(-1)?.value ?? 0;
  const limit = scale.limit(answer);
  const place = (at: number) =>
    `${Math.max(0, Math.min(100, (100 * (at - scale.from)) / (scale.to(answer) - scale.from)))}%`;
  const helps = answer.dough.helps.find(({ figure }) => figure === reason.figure)?.helps ?? [];
  return (
    <div className="hairline border-t first-of-type:border-t-0" data-figure={reason.figure}>
      <button
        className="hover:bg-base-200 grid w-full grid-cols-[1rem_8.5rem_1fr_4.2rem] items-center gap-2 py-1.5 text-left text-sm"
        aria-expanded={open}
        onClick={onToggle}
      >
        <ChevronRight size={14} aria-hidden className={`soft ${open ? "rotate-90" : ""}`} />
        <span>{called}</span>
        <span className="bg-base-300 relative h-2 rounded-full" aria-hidden>
          <span className="bg-base-content/55 absolute inset-y-0 left-0 rounded-full" style={{ width: place(value) }} />
          {limit !== null && (
            <span className="bg-base-content absolute -top-1 h-4 w-0.5" style={{ left: place(limit) }} />
          )}
        </span>
        <strong className="text-right text-base">{write(value, figures)}</strong>
      </button>
      {open && (
        <div className="bg-base-200 mb-2 rounded-md px-3 py-2 text-xs">
          <p className="soft pb-1">
            {scale.better === "high" ? "More is better" : "Less is better"}
            {limit !== null && `; the mark stands at ${write(limit, figures)}`}.
            {scale.term && <Hint term={scale.term} />}
          </p>
          <Steps steps={reason.steps} />
          <h3 className="pt-2 font-sans font-semibold">What moved it</h3>
          <ul>
            {reason.influences.slice(0, 6).map((influence) => (
              <li key={influence.line} className="flex gap-2">
                <span className="w-16 text-right font-semibold">
                  {influence.change > 0 ? "+" : ""}
                  {write(influence.change, figures)}
                </span>
                {name(influence.ingredient)}
                {influence.line < 0 && " from bench and hands"}
              </li>
            ))}
          </ul>
          <h3 className="pt-2 font-sans font-semibold">What would help most</h3>
          {helps.length === 0 && <p className="soft">Nothing that could be changed a little would help.</p>}
          <ul>
            {helps.map((help) => (
              <HelpRow key={`${help.lever} ${help.line}`} help={help} write={(to) => write(to, figures)} name={name} />
            ))}
          </ul>
          <p className="soft pt-1">
            Each alone, with water as near to right as now.{" "}
            <Link className="underline" to="/model#ROLLABILITY">
              How
            </Link>
          </p>
        </div>
      )}
    </div>
  );
}

function HelpRow({
  help,
  write,
  name,
}: {
  help: Help;
  write: (value: number) => string;
  name: FigureScalesProps["name"];
}) {
  const figures = useFigures();
  const costs = helpCosts(help, figures);
  return (
    <li className="hairline border-t py-1 first:border-t-0" data-help={help.lever}>
      <strong>{helpWords(help, name, figures)}</strong>: then {write(help.value)}
      <span className="soft">{costs.length > 0 ? ` · costs ${costs.join(", ")}` : " · costs nothing elsewhere"}</span>
    </li>
  );
}

import { Plus } from "lucide-react";
import { Link } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { type BalanceAnswer, measuresQuery, type PantryDocument } from "../api";
import type { Editor, Faults } from "../formula";
import { useFigures } from "../figures";
import { Hint } from "../parts";
import { IntakeRow } from "./IntakeRow";

interface IntakeTableProps {
  editor: Editor;
  pantry: PantryDocument;
  faults: Faults;
  answer: BalanceAnswer | null;
}

/** What was understood, line by line, beside the words it was understood from. */
export function IntakeTable({ editor, pantry, faults, answer }: IntakeTableProps) {
  const figures = useFigures();
  const measures = useQuery(measuresQuery).data?.measures ?? [];
  const { lines } = editor.draft;
  const left = lines.filter((line) => line.open).length;
  const check = lines.filter((line) => !line.open && line.check).length;

  return (
    <section aria-label="What was understood">
      <div className="flex items-baseline gap-3 pb-1">
        <h2 className="section-title flex-1">
          What was understood
          {lines.length > 0 && (
            <span className="soft font-sans text-sm">
              {" "}
              {lines.length} {lines.length === 1 ? "line" : "lines"}
              {left > 0 && `, ${left} open`}
              {check > 0 && `, ${check} to confirm`}
            </span>
          )}
        </h2>
        <label className="flex items-center gap-2 text-sm">
          <span className="soft">Style</span>
          <select
            className="quiet-field framed !w-44"
            aria-label="Style"
            data-testid="intake-style"
            value={editor.draft.style}
            onChange={(event) => editor.edit({ kind: "settings", patch: { style: event.target.value } })}
          >
            {pantry.styles.map(({ code, name }) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {lines.length > 0 && (
          <Link className="link text-primary text-sm font-semibold" to={`/formulas/${editor.id ?? "new"}/balance`}>
            To the balance
          </Link>
        )}
      </div>
      {lines.length === 0 ? (
        <p className="soft hairline border-y py-16 text-center">
          Nothing yet. Paste a recipe on the left, or start from a style, a formula, or percentages.
        </p>
      ) : (
        <table className="w-full text-sm">
          <thead>
            <tr className="soft text-left text-xs">
              <th className="w-[25%] pb-1 pl-8 font-normal">in the recipe</th>
              <th className="pb-1 pl-2 font-normal">understood as</th>
              <th className="w-40 pb-1 text-right font-normal">as measured</th>
              <th className="w-28 pr-2 pb-1 text-right font-normal">
                {figures.massUnit === "g" ? "grams" : "ounces"}
                <Hint term="lineRange" />
              </th>
              <td className="w-8" />
            </tr>
          </thead>
          <tbody>
            {lines.map((line, index) => (
              <IntakeRow
                key={line.key}
                line={line}
                index={index}
                editor={editor}
                pantry={pantry}
                measures={measures}
                faults={faults}
                range={answer?.lineRanges[index] ?? null}
                weighNext={answer?.water.weighNext?.line === index}
              />
            ))}
          </tbody>
        </table>
      )}
      <div className="flex items-center justify-between py-1.5">
        <button
          className="btn btn-ghost btn-sm text-primary gap-1 px-2"
          onClick={() => editor.edit({ kind: "add" })}
          data-action="add-line"
        >
          <Plus size={16} aria-hidden /> Add a line
        </button>
        {answer && (
          <p className="soft text-sm">
            flour {figures.mass(answer.flourGrams)} · dough <strong>{figures.mass(answer.doughGrams)}</strong>
            {left === 0 &&
              answer.hydration.bakersPct != null &&
              ` · hydration ${figures.percent(answer.hydration.bakersPct)}`}
          </p>
        )}
      </div>
    </section>
  );
}

import { Link } from "react-router";
import type { FormulaSummary } from "../api";
import { useFigures } from "../figures";
import { materialFill } from "../parts";
import { faultWords } from "../words";
import { hasDraft } from "./draftStorage";
import { stateMark, stateName } from "./states";

type Figures = NonNullable<FormulaSummary["figures"]>;

const STANDINGS: Record<Figures["standing"], string> = {
  "needs-water": "needs water",
  "in-balance": "",
  "too-wet": "too wet",
};

/** One formula in the list; one that cannot be worked out says why and still opens. */
export function FormulaListRow({ row }: { row: FormulaSummary }) {
  const figures = useFigures();
  return (
    <tr className="hairline hover:bg-base-200 relative border-t align-middle">
      <td className="py-2.5 pr-4">
        <Link
          to={`/formulas/${row.id}/balance`}
          className="font-display text-[1.15rem] leading-tight after:absolute after:inset-0"
        >
          {row.name}
        </Link>
        <p className="soft text-xs">
          version {row.latestNumber} · {figures.date(row.savedAt)}
          {hasDraft(String(row.id)) && <strong className="text-base-content"> · unsaved edits</strong>}
        </p>
      </td>
      {row.figures ? <FigureCells figures={row.figures} /> : <FaultCells row={row} />}
      <td className="text-sm">
        <span aria-hidden>{stateMark(row.state)}</span> {stateName(row.state)}
        {row.figures && STANDINGS[row.figures.standing] && (
          <p className="text-warning text-xs font-semibold">{STANDINGS[row.figures.standing]}</p>
        )}
      </td>
    </tr>
  );
}

function FaultCells({ row }: { row: FormulaSummary }) {
  const figures = useFigures();
  const [first] = row.faults;
  return (
    <td colSpan={4} className="text-error pr-6 text-sm" data-testid="formula-fault">
      Cannot be worked out: {first?.line != null && `line ${first.line + 1}. `}
      {first ? faultWords(first, figures) : "it cannot be read."} Open it to correct it.
    </td>
  );
}

function FigureCells({ figures: { styleName, makeup, hydration } }: { figures: Figures }) {
  const figures = useFigures();
  return (
    <>
      <td className="pr-4 text-sm">{styleName}</td>
      <td className="pr-6">
        <FlourBar makeup={makeup} />
        <p className="truncate pt-1 text-sm" title={makeup.flours.map(({ name }) => name).join(", ")}>
          {makeup.flours
            .map(({ name, bakersPct }) => `${bakersPct == null ? "" : figures.number(bakersPct, 0)} ${short(name)}`)
            .join(", ")}
        </p>
      </td>
      <td className="pr-4 text-sm">
        {makeup.inclusions.length === 0 && <span className="soft">none</span>}
        {makeup.inclusions.map(({ ingredient, name, bakersPct }) => (
          <span key={ingredient} className="block truncate" title={name}>
            {short(name)}
            {bakersPct != null && <span className="soft"> {figures.percent(bakersPct)}</span>}
          </span>
        ))}
      </td>
      <td className="pr-8 text-right">
        <span className="text-lg">{hydration.bakersPct == null ? "–" : figures.percent(hydration.bakersPct)}</span>
        <p className="soft text-xs">
          {hydration.effectivePct != null && `effective ${figures.percent(hydration.effectivePct)}`}
        </p>
      </td>
    </>
  );
}

/** The flours as shares of one strip, the inclusion set against them on the same scale. */
function FlourBar({ makeup }: { makeup: Figures["makeup"] }) {
  const flours = makeup.flours.map(({ bakersPct }) => bakersPct ?? 0);
  const inclusion = makeup.inclusions.reduce((sum, { bakersPct }) => sum + (bakersPct ?? 0), 0);
  const scale = 100 / Math.max(160, 100 + inclusion);
  const starts = flours.map((_, index) => flours.slice(0, index).reduce((sum, pct) => sum + pct, 0));
  const end = flours.reduce((sum, pct) => sum + pct, 0);
  return (
    <svg width="100%" height="11" aria-hidden="true" className="block">
      {flours.map((pct, index) => (
        <rect
          key={index}
          x={`${(starts[index] ?? 0) * scale}%`}
          width={`${Math.max(0, pct * scale - 0.6)}%`}
          height="11"
          rx="2"
          fill={materialFill("flour")}
          opacity={1 - 0.22 * Math.min(index, 3)}
        />
      ))}
      <rect
        x={`${end * scale + 0.8}%`}
        width={`${inclusion * scale}%`}
        height="11"
        rx="2"
        fill={materialFill("inclusion")}
      />
    </svg>
  );
}

/** A name without what stands in brackets. */
function short(name: string): string {
  return name.split("(")[0]?.trim() ?? name;
}

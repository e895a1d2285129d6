import { Link } from "react-router";
import type { FormulaSummary } from "../api";
import { useFigures } from "../kitchen";
import { materialFill } from "../parts";
import { hasDraft } from "./draftStorage";
import { stateMark, stateName } from "./states";

const STANDINGS = { "needs-water": "wants water", "in-balance": "", "too-wet": "too wet" } as const;

/** One formula in the list. */
export function FormulaListRow({ row }: { row: FormulaSummary }) {
  const figures = useFigures();
  const standing = STANDINGS[row.standing];
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
          {hasDraft(String(row.id)) && <strong className="text-base-content"> · edits not saved</strong>}
        </p>
      </td>
      <td className="pr-4 text-sm">{row.styleName}</td>
      <td className="pr-6">
        <FlourBar row={row} />
        <p className="truncate pt-1 text-sm" title={row.makeup.flours.map(({ name }) => name).join(", ")}>
          {row.makeup.flours
            .map(({ name, bakersPct }) => `${bakersPct == null ? "" : figures.number(bakersPct, 0)} ${short(name)}`)
            .join(", ")}
        </p>
      </td>
      <td className="pr-4 text-sm">
        {row.makeup.inclusions.length === 0 && <span className="soft">none</span>}
        {row.makeup.inclusions.map(({ ingredient, name, bakersPct }) => (
          <span key={ingredient} className="block truncate" title={name}>
            {short(name)}
            {bakersPct != null && <span className="soft"> {figures.percent(bakersPct)}</span>}
          </span>
        ))}
      </td>
      <td className="pr-8 text-right">
        <span className="text-lg">{row.hydration.bakersPct == null ? "–" : figures.percent(row.hydration.bakersPct)}</span>
        <p className="soft text-xs">
          {row.hydration.effectivePct != null && `effective ${figures.percent(row.hydration.effectivePct)}`}
        </p>
      </td>
      <td className="text-sm">
        <span aria-hidden>{stateMark(row.state)}</span> {stateName(row.state)}
        {standing && <p className="text-warning text-xs font-semibold">{standing}</p>}
      </td>
    </tr>
  );
}

/** The flours as shares of one strip, the inclusion set against them on the same scale. */
function FlourBar({ row }: { row: FormulaSummary }) {
  const flours = row.makeup.flours.map(({ bakersPct }) => bakersPct ?? 0);
  const inclusion = row.makeup.inclusions.reduce((sum, { bakersPct }) => sum + (bakersPct ?? 0), 0);
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
      <rect x={`${end * scale + 0.8}%`} width={`${inclusion * scale}%`} height="11" rx="2" fill={materialFill("inclusion")} />
    </svg>
  );
}

/** A name without what stands in brackets. */
function short(name: string): string {
  return name.split("(")[0]?.trim() ?? name;
}

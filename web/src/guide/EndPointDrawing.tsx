import type { ReactNode } from "react";
import { DOUGH, LINE } from "./pens";

const SPOT = "var(--color-secondary)";

const DRAWINGS: Record<string, ReactNode> = {
  stretch: (
    <>
      <path d="M20 62q-6-22 10-28 30 9 60 0 16 6 10 28-14 14-40 14t-40-14z" {...DOUGH} />
      <path d="M38 46q22 8 44 0-2 14-22 14t-22-14z" fill="var(--color-base-100)" opacity="0.75" />
      <path d="M6 30q14-8 22 2t2 16M114 30q-14-8-22 2t-2 16" {...LINE} />
      <path d="M16 50H4m4-4-4 4 4 4M104 50h12m-4-4 4 4-4 4" {...LINE} opacity="0.7" />
    </>
  ),
  dent: (
    <>
      <path d="M14 88q0-34 32-37 4 12 14 12t14-12q32 3 32 37z" {...DOUGH} />
      <path d="M52 64q8-7 16 0" stroke="var(--material-flour-ink)" fill="none" strokeDasharray="3 3" />
      <path d="M60 52V38m-5 5 5-6 5 6" {...LINE} opacity="0.7" />
      <path d="M78 8v14q0 8 7 8t7-8V8" {...LINE} />
    </>
  ),
  pinch: (
    <>
      <path d="M10 80q50 16 100 0l-4-7q-46 12-92 0z" fill="var(--color-neutral)" />
      <g fill={SPOT}>
        {[40, 48, 55, 62, 70, 78].map((x, at) => (
          <circle key={x} cx={x} cy={70 + (at % 2) * 3} r="2.2" />
        ))}
      </g>
      <path d="M48 8q2 20 10 26 8-6 10-26M58 38v4m-4 4v3m8-2v5" {...LINE} />
      <path d="M26 92q-3-4 0-8m17 10q-3-4 0-8m34 8q-3-4 0-8m17 6q-3-4 0-8" {...LINE} opacity="0.5" />
    </>
  ),
  blisters: (
    <>
      <ellipse cx="60" cy="58" rx="50" ry="27" {...DOUGH} />
      <g fill="var(--color-base-100)" stroke="var(--material-flour-ink)">
        {[
          [38, 50, 7],
          [60, 42, 5],
          [78, 54, 8],
          [52, 66, 6],
          [88, 66, 4],
          [28, 62, 4],
        ].map(([cx, cy, r]) => (
          <path key={cx} d={`M${(cx ?? 0) - (r ?? 0)} ${cy}a${r} ${r} 0 0 1 ${2 * (r ?? 0)} 0z`} />
        ))}
      </g>
      <path d="M92 22a20 20 0 0 0-32-8m-3-6 2 8 8-1" {...LINE} />
    </>
  ),
  bend: (
    <>
      <path d="M12 70q4-44 48-44t48 44l-10 4q-6-34-38-34t-38 34z" {...DOUGH} />
      <g fill={SPOT} opacity="0.85">
        <ellipse cx="36" cy="44" rx="6" ry="3.4" transform="rotate(-38 36 44)" />
        <ellipse cx="62" cy="32" rx="7" ry="3" />
        <ellipse cx="88" cy="46" rx="5" ry="3" transform="rotate(40 88 46)" />
      </g>
      <path d="M6 92q4-16 14-18M114 92q-4-16-14-18" {...LINE} />
    </>
  ),
};

/** How it looks when it is done. */
export function EndPointDrawing({ drawing }: { drawing: string }) {
  return (
    <svg viewBox="0 0 120 96" className="w-full max-w-44" aria-hidden>
      {DRAWINGS[drawing]}
    </svg>
  );
}

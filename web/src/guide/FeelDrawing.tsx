import type { ReactNode } from "react";
import { DOUGH, LINE } from "./pens";

const BENCH = <path d="M4 88H116" stroke="currentColor" strokeWidth="1.6" opacity="0.6" />;

/** A finger coming down onto a dough, its tip at (x, y). */
function Finger({ x, y }: { x: number; y: number }) {
  return <path d={`M${x - 8} 4V${y - 9}q0 9 8 9t8-9V4M${x - 4} ${y - 7}q4-4 8 0`} {...LINE} />;
}

const DRAWINGS: Record<string, ReactNode> = {
  crumbly: (
    <>
      <path d="M24 88q2-17 14-18l6 5 9-9 10 7 8-6 9 8 12 3q7 3 8 10z" {...DOUGH} strokeDasharray="5 3" />
      <g fill="var(--material-flour-ink)">
        {[18, 33, 49, 66, 84, 97, 108].map((x, at) => (
          <circle key={x} cx={x} cy={at % 2 ? 82 : 60 - at} r={at % 3 ? 1.6 : 2.4} />
        ))}
      </g>
      <path d="M30 30q14-16 30-6t30-4M34 36l-4 12m16-14-2 14m18-14v14m18-16 4 13" {...LINE} />
    </>
  ),
  stiff: (
    <>
      <path d="M20 88q-4-30 40-34 44 4 40 34z" {...DOUGH} />
      <path
        d="M22 82l10-9m-2 15 6-12M98 82l-10-9m2 15-6-12M60 54l-4 9m10-9 3 8"
        stroke="var(--material-flour-ink)"
        strokeWidth="2"
      />
      <Finger x={60} y={53} />
    </>
  ),
  firm: (
    <>
      <path d="M18 88q-2-40 42-40t42 40z" {...DOUGH} />
      <path d="M52 30q8 12 16 0M60 40v-9m-5 4 5-6 5 6" {...LINE} opacity="0.7" />
      <Finger x={60} y={28} />
    </>
  ),
  soft: (
    <>
      <path d="M14 88q0-34 34-36 4 14 12 14t12-14q34 2 34 36z" {...DOUGH} />
      <Finger x={60} y={62} />
    </>
  ),
  "very-soft": (
    <>
      <path d="M10 88q2-27 36-31 3 17 14 17t14-17q34 4 36 31z" {...DOUGH} />
      <path d="M54 58q-1 8 6 8t6-8" {...DOUGH} />
      <Finger x={60} y={60} />
    </>
  ),
  slack: (
    <>
      <path d="M4 88q4-17 30-19 26-4 52 0 26 2 30 19z" {...DOUGH} />
      <path d="M52 69q2-20 4-22h8q2 2 4 22" {...DOUGH} />
      <Finger x={60} y={48} />
      <path d="M12 80l-8 4m104-4 8 4" {...LINE} opacity="0.6" />
    </>
  ),
  sticky: (
    <>
      <path d="M2 88q2-9 20-10h76q18 1 20 10z" {...DOUGH} />
      <path d="M46 6v26q-1 18 6 24l-2 22h20l-2-22q7-6 6-24V6q-14-5-28 0z" {...DOUGH} />
      <path d="M50 4v24m20-24v24M56 30q4 5 8 0" {...LINE} />
    </>
  ),
};

/** A dough and a hand, drawn for a feel word. */
export function FeelDrawing({ feel }: { feel: string }) {
  return (
    <svg viewBox="0 0 120 96" className="w-full" aria-hidden>
      {BENCH}
      {DRAWINGS[feel]}
    </svg>
  );
}

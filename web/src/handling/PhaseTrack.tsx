import type { KeyboardEvent } from "react";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { arrowStep, useDrawingDrag } from "../parts";
import type { Stretch } from "./chartGeometry";

const NAMES: Record<string, string> = { rest: "rest", warm: "warm", chill: "chilled", knead: "kneaded again" };
const FILLS: Record<string, string> = {
  rest: "var(--color-base-300)",
  warm: "var(--color-accent)",
  chill: "var(--color-neutral)",
  knead: "var(--color-secondary)",
};
const INKS: Record<string, string> = { rest: "currentColor", warm: "var(--color-accent-content)" };
const HEIGHT = 15;
const ROOM_FOR_NAME = 46;

interface PhaseTrackProps {
  stretches: Stretch[];
  /** Upper edge of the track, in units of the drawing. */
  top: number;
  x: (minute: number) => number;
  perMinute: number;
  editor: Pick<Editor, "draft" | "edit">;
}

/** What happens between kneading and rolling, under the time axis; the end of each stretch can be dragged. */
export function PhaseTrack({ stretches, top, x, perMinute, editor }: PhaseTrackProps) {
  const figures = useFigures();
  const phases = editor.draft.method?.phases ?? [];
  const set = (index: number, minutes: number) => {
    const whole = Math.max(0, Math.round(minutes));
    editor.edit(
      phases.length === 0
        ? { kind: "settings", patch: { restMinutes: whole } }
        : {
            kind: "method",
            patch: { phases: phases.map((phase, at) => (at === index ? { ...phase, minutes: whole } : phase)) },
          },
    );
  };
  return asEdited(stretches, editor).map(({ kind, from, to, celsius }, index) => {
    const width = Math.max(1, x(to) - x(from));
    return (
      <g key={index}>
        <rect
          x={x(from)}
          width={width}
          y={top}
          height={HEIGHT}
          rx="2"
          fill={FILLS[kind]}
          opacity={kind === "rest" ? 1 : 0.85}
        />
        <text
          x={x(from) + width / 2}
          y={top + 11}
          fontSize="10.5"
          textAnchor="middle"
          fill={INKS[kind] ?? "var(--color-neutral-content)"}
        >
          {width > ROOM_FOR_NAME
            ? `${NAMES[kind]}${kind === "chill" || kind === "warm" ? ` ${figures.temperature(celsius)}` : ""}`
            : ""}
        </text>
        <Grip
          x={x(to)}
          top={top}
          name={`End of phase ${index + 1}, ${NAMES[kind]}`}
          minutes={to - from}
          perMinute={perMinute}
          onMinutes={(minutes) => set(index, minutes)}
          onHold={() => editor.edit({ kind: "settle" })}
        />
      </g>
    );
  });
}

/** The stretches with the minutes that are in the fields already, before the answer to them is there. */
function asEdited(stretches: Stretch[], { draft }: PhaseTrackProps["editor"]): Stretch[] {
  const phases = draft.method?.phases ?? [];
  const asked = phases.length > 0 ? phases.map(({ minutes }) => minutes) : [draft.restMinutes];
  if (asked.length !== stretches.length) {
    return stretches;
  }
  let at = stretches[0]?.from ?? 0;
  return stretches.map((stretch, index) => {
    const minutes = asked[index];
    const from = at;
    at += typeof minutes === "number" && minutes >= 0 ? minutes : stretch.to - stretch.from;
    return { ...stretch, from, to: at };
  });
}

interface GripProps {
  x: number;
  top: number;
  name: string;
  minutes: number;
  perMinute: number;
  onMinutes: (minutes: number) => void;
  /** Before and after it is dragged: what is dragged at once is undone at once. */
  onHold: () => void;
}

/** The end of a stretch: dragged, or moved with the arrow keys. The scale is that of the moment it was taken hold of. */
function Grip({ x, top, name, minutes, perMinute, onMinutes, onHold }: GripProps) {
  const figures = useFigures();
  const drag = useDrawingDrag({
    onStart: () => {
      onHold();
      return { minutes, perMinute, now: minutes };
    },
    onMove: (held, right) => {
      const to = Math.max(0, Math.round(held.minutes + right / held.perMinute));
      if (to !== held.now) {
        held.now = to;
        onMinutes(to);
      }
    },
    onEnd: onHold,
  });
  const pressed = (event: KeyboardEvent) => {
    const step = arrowStep(event);
    if (step !== undefined) {
      onMinutes(minutes + step);
    }
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={0}
      aria-valuenow={Math.round(minutes)}
      aria-valuetext={`${figures.number(minutes, 0)} min`}
      className="cursor-ew-resize"
      data-testid="phase-end"
      {...drag}
      onKeyDown={pressed}
    >
      <title>{`${figures.number(minutes, 0)} min: drag, or use the arrow keys`}</title>
      <rect x={x - 9} width="18" y={top - 4} height={HEIGHT + 8} fill="transparent" />
      <rect x={x - 3} width="6" y={top - 2} height={HEIGHT + 4} rx="3" fill="var(--color-primary)" />
    </g>
  );
}

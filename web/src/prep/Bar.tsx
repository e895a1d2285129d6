import type { ChainAnswer, StepAnswer } from "../api";
import { useFigures } from "../figures";
import { materialFill, materialInk } from "../parts";

const VIEW = { width: 150, height: 176, floor: 158, top: 18, bar: 84, side: 30 };
const LEAST_LABEL = 13;

interface BarProps {
  bowl: ChainAnswer["result"] | null;
  /** The largest mass of the chain, g: all bars of it are to one scale. */
  most: number;
  caption: string;
  /** What the step did; absent for both ends. */
  step?: StepAnswer | null;
  /** Whether it shows how it was before a fault. */
  stale: boolean;
}

/** What is in the bowl, to scale: dry matter, water, what was put in; beside it what has left. */
export function Bar({ bowl, most, caption, step, stale }: BarProps) {
  const figures = useFigures();
  if (!bowl) {
    return (
      <div className="soft flex h-44 items-end justify-center pb-6 text-xs" aria-hidden>
        ?
      </div>
    );
  }
  const perGram = most > 0 ? (VIEW.floor - VIEW.top) / most : 0;
  const layers = [
    { name: "dry matter", material: "inclusion" as const, grams: bowl.solidsGrams },
    { name: "water", material: "water" as const, grams: bowl.waterGrams },
    ...bowl.additions.map(({ name, material, grams }) => ({ name, material, grams })),
  ].filter(({ grams }) => grams > 0);
  const left = step
    ? [
        { name: "liquid", grams: step.liquid.grams, fill: materialFill("water") },
        { name: "left behind", grams: step.leftGrams, fill: materialFill("inclusion") },
        { name: "driven off", grams: step.drivenOffGrams, fill: "none" },
      ].filter(({ grams }) => grams >= 0.05)
    : [];
  const said = `${caption}: ${figures.mass(bowl.grams)}, water ${figures.percent(bowl.waterPct)}`;
  let y = VIEW.floor;
  let aside = VIEW.floor - bowl.grams * perGram;
  return (
    <svg
      viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
      className={`h-44 w-full ${stale ? "opacity-40" : ""}`}
      role="img"
      aria-label={said}
    >
      <title>{[said, ...left.map(({ name, grams }) => `${name} ${figures.mass(grams)}`)].join("; ")}</title>
      {layers.map(({ name, material, grams }) => {
        const height = grams * perGram;
        y -= height;
        return (
          <g key={name}>
            <rect x="8" y={y} width={VIEW.bar} height={Math.max(0.6, height)} fill={materialFill(material)} />
            {height >= LEAST_LABEL && (
              <text
                x={8 + VIEW.bar / 2}
                y={y + height / 2 + 4}
                fontSize="11"
                textAnchor="middle"
                fill={materialInk(material)}
              >
                {shortName(name)} {figures.mass(grams)}
              </text>
            )}
          </g>
        );
      })}
      {left.map(({ name, grams, fill }) => {
        const height = grams * perGram;
        aside -= height;
        return (
          <g key={name}>
            <rect
              x={14 + VIEW.bar}
              y={aside}
              width={VIEW.side}
              height={Math.max(0.8, height - 0.8)}
              fill={fill}
              opacity={name === "left behind" ? 0.45 : 0.85}
              stroke="currentColor"
              strokeDasharray="2 2"
              strokeWidth="0.8"
            />
            <text
              x={14 + VIEW.bar + VIEW.side / 2}
              y={aside + height / 2 + 3.5}
              fontSize="9.5"
              textAnchor="middle"
              fill={name === "liquid" ? materialInk("water") : "currentColor"}
            >
              {height >= LEAST_LABEL ? `−${figures.massNumber(grams)}` : ""}
            </text>
          </g>
        );
      })}
      <path d={`M0 ${VIEW.floor}H${VIEW.width}`} stroke="currentColor" strokeWidth="1.6" opacity="0.7" />
      <text x={8 + VIEW.bar / 2} y={y - 5} fontSize="12.5" fontWeight="650" textAnchor="middle" fill="currentColor">
        {figures.mass(bowl.grams)}
      </text>
      <text
        x={8 + VIEW.bar / 2}
        y={VIEW.height - 4}
        fontSize="11"
        textAnchor="middle"
        fill="currentColor"
        opacity="0.8"
      >
        {figures.percent(bowl.waterPct)} water
      </text>
    </svg>
  );
}

function shortName(name: string): string {
  const short = name.split(/[,(]/)[0]?.trim() ?? name;
  return short === "dry matter" ? "dry" : short.length > 8 ? `${short.slice(0, 7)}…` : short;
}

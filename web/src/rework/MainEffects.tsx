import type { SeriesAnswer, TrialEffects } from "../api";
import { useFigures } from "../figures";
import { mainEffectWords, type NamedFactor } from "../words";

const WIDTH = 220;
const HEIGHT = 20;

interface MainEffectsProps {
  effects: TrialEffects;
  /** How much more of a factor an effect is told for, as it is written. */
  step: string;
  factors: NamedFactor[];
  better: SeriesAnswer["measures"][number]["better"];
}

/** The effect of each factor: a dot left or right of nothing, with its uncertainty as a line, and its words. */
export function MainEffects({ effects, step, factors, better }: MainEffectsProps) {
  const figures = useFigures();
  const { main, measure } = effects;
  const most = Math.max(1e-9, ...main.map(({ perStep, standardError }) => Math.abs(perStep) + (standardError ?? 0)));
  const x = (value: number) => WIDTH / 2 + (value / most) * (WIDTH / 2 - 8);
  return main.map((effect) => {
    const { factor, perStep, standardError, standsOut } = effect;
    const error = standardError ?? 0;
    return (
      <div key={factor} className="flex items-center gap-4">
        <svg width={WIDTH} height={HEIGHT} aria-hidden className="shrink-0" stroke="currentColor">
          {better !== "neither" && (
            <rect
              x={better === "more" ? WIDTH / 2 : 0}
              width={WIDTH / 2}
              height={HEIGHT}
              fill="var(--color-success)"
              stroke="none"
              opacity="0.14"
            />
          )}
          <line x1={WIDTH / 2} x2={WIDTH / 2} y2={HEIGHT} opacity="0.5" />
          <line x1={WIDTH / 2} x2={x(perStep)} y1="10" y2="10" strokeDasharray="2 3" opacity="0.5" />
          <line x1={x(perStep - error)} x2={x(perStep + error)} y1="10" y2="10" strokeWidth="2" />
          <circle cx={x(perStep)} cy="10" r="5" fill={standsOut ? "currentColor" : "var(--color-base-100)"} />
        </svg>
        <span>{mainEffectWords(measure, effect, step, factors, figures)}</span>
      </div>
    );
  });
}

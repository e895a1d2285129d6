import type { MostAnswer } from "../api";
import { useFigures } from "../figures";
import { figureName, figureWords } from "../words";

const WIDTH = 420;
const HEIGHT = 150;
const LEFT = 64;
const RIGHT = 20;
const FLOOR = HEIGHT - 30;

/** What can be had for how much rollability: the price of a little more of the goal. */
export function Curve({ answer }: { answer: MostAnswer }) {
  const figures = useFigures();
  const { curve, goal, value } = answer;
  const rolls = answer.balance.figures.rollability;
  if (curve.length < 2) {
    return null;
  }
  const values = [...curve.map((reached) => reached.value), value];
  const low = Math.min(...values);
  const high = Math.max(...values);
  const x = (rollability: number) => LEFT + ((WIDTH - LEFT - RIGHT) * rollability) / 100;
  // What is written as one number is drawn as one height.
  const flat = figureWords(goal, low, figures) === figureWords(goal, high, figures);
  const y = (of: number) => (flat ? (FLOOR + 12) / 2 : FLOOR - ((FLOOR - 12) * (of - low)) / (high - low));
  const path = curve
    .map((reached, at) => `${at === 0 ? "M" : "L"}${x(reached.rollability)} ${y(reached.value)}`)
    .join("");
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="mt-3 w-full max-w-lg"
      role="img"
      aria-label={`${figureName(goal)} against rollability, from ${figureWords(goal, high, figures)} to ${figureWords(goal, low, figures)}`}
      data-testid="curve"
    >
      <path d={`M${LEFT} 8V${FLOOR}H${WIDTH - RIGHT}`} fill="none" stroke="currentColor" opacity="0.4" />
      {(flat ? [high] : [low, high]).map((each) => (
        <text key={each} x={LEFT - 6} y={y(each) + 4} fontSize="11" textAnchor="end" fill="currentColor">
          {figureWords(goal, each, figures)}
        </text>
      ))}
      {[0, 50, 100].map((each) => (
        <text key={each} x={x(each)} y={FLOOR + 14} fontSize="11" textAnchor="middle" fill="currentColor">
          {figures.percent(each)}
        </text>
      ))}
      <text x={WIDTH - 8} y={FLOOR + 27} fontSize="11" textAnchor="end" fill="currentColor">
        rollability at least
      </text>
      <path d={path} fill="none" stroke="var(--color-primary)" strokeWidth="2.5" strokeLinejoin="round" />
      {rolls !== undefined && <circle cx={x(rolls)} cy={y(value)} r="5" fill="var(--color-error)" />}
    </svg>
  );
}

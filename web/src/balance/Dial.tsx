import type { BalanceAnswer, PantryDocument } from "../api";
import { useFigures } from "../figures";
import { arc, arcLength, deflection, dialSpan, DIAL, onDial } from "./beamGeometry";

/** Room that a letter takes on the dial, in units of the drawing. */
const LETTER = 6.6;
const ENDS: [-1, 1] = [-1, 1];

/** The dial: words from crumbly to pourable, the window of the style, and the softness aimed for. */
export function Dial({ answer, pantry }: { answer: BalanceAnswer; pantry: PantryDocument }) {
  const figures = useFigures();
  const { settings } = answer;
  const at = (softness: number) => deflection(answer, softness);
  const words = settings.feels.flatMap(({ code, ...span }) => {
    const [from, to] = [at(span.from), at(span.to)];
    const name = pantry.feels.find((feel) => feel.code === code)?.name ?? code;
    return to > from ? [{ code, name, from, to }] : [];
  });

  return (
    <g>
      <path d={arc(...ENDS, DIAL.radius)} fill="none" stroke="var(--color-base-300)" strokeWidth="1.5" />
      <path
        d={arc(at(settings.softnessLow), at(settings.softnessHigh), DIAL.radius - 7)}
        fill="none"
        stroke="var(--color-primary)"
        strokeOpacity="0.28"
        strokeWidth="13"
      >
        <title>
          window of the style: {figures.number(settings.softnessLow, 2)} to {figures.number(settings.softnessHigh, 2)}
        </title>
      </path>
      {words.map(({ code, name, from, to }) => {
        const tick = onDial(from, DIAL.radius);
        const out = onDial(from, DIAL.radius + 6);
        const middle = onDial((from + to) / 2, DIAL.radius + 12);
        const turned = ((from + to) / 2) * DIAL.sweep;
        return (
          <g key={code}>
            {from > -1 && (
              <path d={`M${tick.x} ${tick.y}L${out.x} ${out.y}`} stroke="var(--color-base-content)" opacity="0.5" />
            )}
            {arcLength(from, to, DIAL.radius + 12) >= LETTER * name.length && (
              <text
                x={middle.x}
                y={middle.y}
                fontSize="12"
                textAnchor="middle"
                transform={`rotate(${turned} ${middle.x} ${middle.y})`}
                fill="currentColor"
                opacity="0.8"
              >
                {name}
              </text>
            )}
          </g>
        );
      })}
      <Target turned={at(settings.softnessTarget)} label={figures.number(settings.softnessTarget, 2)} />
      {ENDS.map((end) => {
        const at = onDial(end * 1.13, DIAL.radius);
        return (
          <text key={end} x={at.x} y={at.y + 4} fontSize="11" textAnchor="middle" fill="currentColor" opacity="0.6">
            {figures.number(settings.softnessTarget + end * dialSpan(settings, end), 2)}
          </text>
        );
      })}
    </g>
  );
}

function Target({ turned, label }: { turned: number; label: string }) {
  const tip = onDial(turned, DIAL.radius - 1);
  return (
    <g fill="var(--color-primary)">
      <path d={`M${tip.x} ${tip.y + 1}l-5.5-10h11z`} transform={`rotate(${turned * DIAL.sweep} ${tip.x} ${tip.y})`} />
      <text x={tip.x} y={tip.y - 26} fontSize="12" fontWeight="600" textAnchor="middle">
        aim {label}
      </text>
    </g>
  );
}

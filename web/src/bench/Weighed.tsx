import type { BenchAnswer } from "../api";
import { useFigures } from "../figures";
import { bowlName } from "../words";

/** What is weighed into which bowl. */
export function Weighed({ answer }: { answer: BenchAnswer }) {
  const figures = useFigures();
  return (
    <div className="grid grid-cols-2 gap-x-8 gap-y-2 text-xl" data-testid="weighed">
      {answer.bowls.map(({ kind, weighed }) => (
        <section key={kind}>
          <h2 className="soft text-base">{bowlName(kind)}</h2>
          {weighed.map(({ line, ingredient, name, grams, celsius }) => (
            <p key={`${line} ${ingredient}`} className="hairline flex justify-between gap-3 border-t">
              <span>
                {name}
                {celsius != null && `, ${figures.temperature(celsius)}`}
              </span>
              <strong className="whitespace-nowrap tabular-nums">{figures.mass(grams)}</strong>
            </p>
          ))}
        </section>
      ))}
    </div>
  );
}

import { Check, TriangleAlert } from "lucide-react";
import { useState } from "react";
import type { BalanceAnswer } from "../api";
import { type Editor, useFormulaEdit } from "../formula";
import { useFigures } from "../figures";
import { ErrorNotice } from "../parts";
import { instructionWords, obstacleWords } from "../words";

interface MethodOffersProps {
  editor: Editor;
  said: BalanceAnswer["said"];
  /** Whether it is what the method on the page says. */
  current: boolean;
}

/** What the method in words says of the settings: each with its words and a tick, taken together. */
export function MethodOffers({ editor, said, current }: MethodOffersProps) {
  const figures = useFigures();
  const take = useFormulaEdit(editor);
  const [left, setLeft] = useState<string[]>([]);
  const keyOf = ({ kind, words }: BalanceAnswer["said"][number]) => `${kind} ${words}`;
  const open = said.flatMap((each, place) => (each.state === "open" ? [place] : []));
  const ticked = open.filter((place) => said[place] && !left.includes(keyOf(said[place])));
  if (said.length === 0) {
    return null;
  }
  return (
    <div className="border-primary mt-3 border-l-4 pl-3 text-sm" role="group" aria-label="What the method says">
      <p className="font-semibold">The method says</p>
      <ul data-testid="said">
        {said.map((each, place) => {
          const key = keyOf(each);
          return (
            <li key={`${place} ${key}`} className="flex items-baseline gap-2 py-0.5" data-said={each.kind}>
              {each.state !== "open" ? (
                <>
                  {each.state === "stands" ? (
                    <Check
                      size={14}
                      className="text-success w-4 shrink-0 translate-y-0.5"
                      aria-label="in the formula"
                    />
                  ) : (
                    <TriangleAlert
                      size={14}
                      className="text-warning w-4 shrink-0 translate-y-0.5"
                      aria-label="cannot be taken"
                    />
                  )}
                  <SaidWords name={instructionWords(each, figures)} words={each.words}>
                    {obstacleWords(each, figures)}
                  </SaidWords>
                </>
              ) : (
                <label className="flex min-h-6 cursor-pointer items-baseline gap-2">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-xs shrink-0 translate-y-0.5"
                    checked={!left.includes(key)}
                    onChange={(event) =>
                      setLeft(event.target.checked ? left.filter((other) => other !== key) : [...left, key])
                    }
                  />
                  <SaidWords name={instructionWords(each, figures)} words={each.words} />
                </label>
              )}
            </li>
          );
        })}
      </ul>
      {open.length > 0 && (
        <button
          className="btn btn-xs my-1"
          disabled={!current || ticked.length === 0 || take.isPending}
          onClick={() => take.mutate({ kind: "take-said", said: ticked })}
        >
          Take what is ticked
        </button>
      )}
      <ErrorNotice error={take.error} />
    </div>
  );
}

function SaidWords({ name, words, children }: { name: string; words: string; children?: string }) {
  return (
    <span>
      {name} <span className="soft">“{words}”</span> {children}
    </span>
  );
}

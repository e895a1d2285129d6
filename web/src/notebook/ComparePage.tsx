import { useQuery } from "@tanstack/react-query";
import { X } from "lucide-react";
import { Fragment } from "react";
import { Link, useSearchParams } from "react-router";
import { type ComparisonAnswer, comparisonQuery, pantryQuery } from "../api";
import { Small } from "../bench";
import { useFigures } from "../figures";
import { ErrorNotice } from "../parts";
import {
  againstWords,
  figureName,
  figureWords,
  LETTERS,
  outcomeFigureName,
  outcomeFigureWords,
  outcomeName,
} from "../words";
import { CompareCurves, Swatch } from "./CompareCurves";
import { compareAddress, itemsOf, MOST_COMPARED } from "./items";

type Item = ComparisonAnswer["items"][number];
type Comparison = ComparisonAnswer["comparison"];
type Told = Comparison["outcomes"][number]["of"][number];

const PHOTOS_OF_EACH = 3;

/** Two to four batches or versions side by side: differences first, and what came of them. */
export function ComparePage() {
  const [search] = useSearchParams();
  const items = itemsOf(search);
  const enough = items.length >= 2;
  const { data, error, refetch, isFetching } = useQuery({ ...comparisonQuery(items), enabled: enough });
  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-6 pb-16">
      <p className="soft text-sm">
        <Link className="link" to="/notebook">
          Notebook
        </Link>
      </p>
      <h1 className="text-[2.1rem] leading-tight">Compare</h1>
      {!enough && (
        <div className="py-10">
          <p>Two to four batches, or versions of a formula, can be laid side by side.</p>
          <p className="soft py-2">
            Tick batches in the{" "}
            <Link className="link" to="/notebook">
              Notebook
            </Link>
            , or versions in the history of a formula.
          </p>
        </div>
      )}
      <ErrorNotice error={enough ? error : null} retry={() => void refetch()} />
      {enough && !data && !error && <p className="soft py-16 text-center">Laying them side by side…</p>}
      {enough && data && (
        <div data-testid="comparison" data-current={!isFetching}>
          <Items items={data.items} keys={items} />
          <Sentences answer={data} />
          <div
            className={
              data.items.length === 2 ? "grid grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] gap-x-12" : "max-w-4xl"
            }
          >
            <Ingredients answer={data} />
            <div>
              <CompareCurves items={data.items} />
            </div>
          </div>
          <Figures answer={data} />
        </div>
      )}
    </main>
  );
}

function Items({ items, keys }: { items: Item[]; keys: string[] }) {
  const figures = useFigures();
  return (
    <ul className="grid gap-3 py-4" style={{ gridTemplateColumns: `repeat(${items.length}, minmax(0, 1fr))` }}>
      {items.map((item, at) => (
        <li key={item.key} className="bg-base-200 relative rounded-lg px-4 py-3" data-item={item.key}>
          <p className="flex items-center gap-2 pr-7">
            <Swatch at={at} />
            <strong className="font-display text-xl">{LETTERS[at]}</strong>
            <Link
              className="link-hover min-w-0 truncate font-semibold"
              to={
                item.batch == null
                  ? `/formulas/${item.formula}/balance?version=${item.version}`
                  : `/notebook/${item.batch}`
              }
            >
              {item.name}
            </Link>
          </p>
          <p className="soft text-sm">
            {item.batch == null ? "version" : "batch of version"} {item.version}
            {item.factor !== 1 && ` × ${figures.number(item.factor, 2)}`}, {figures.moment(item.at)}
          </p>
          <p className="text-sm">
            {item.batch == null
              ? "not made: as predicted"
              : item.verdict
                ? outcomeName("verdict", item.verdict)
                : "nobody said how it came out"}
          </p>
          {item.photos.length > 0 && (
            <div className="flex flex-wrap gap-2 pt-2" data-testid="compared-photos">
              {item.photos.slice(0, PHOTOS_OF_EACH).map((photo) => (
                <Link key={photo.id} to={`/notebook/${photo.batch}`}>
                  <Small photo={photo} className="h-28 w-36" />
                </Link>
              ))}
            </div>
          )}
          {keys.length > 2 && (
            <Link
              className="absolute top-2 right-2"
              aria-label={`Leave ${LETTERS[at]} out`}
              to={compareAddress(keys.filter((key) => key !== item.key))}
              replace
            >
              <X size={16} aria-hidden />
            </Link>
          )}
          {at > 0 && (
            <Link
              className="link soft text-xs"
              to={compareAddress([item.key, ...keys.filter((key) => key !== item.key)])}
              replace
            >
              measure by this one
            </Link>
          )}
        </li>
      ))}
      {keys.length > MOST_COMPARED && <li className="soft">At most {MOST_COMPARED} are compared.</li>}
    </ul>
  );
}

/** The word by which something was felt last, in small letters; undefined for what was not. */
function useFeelOf(): (item: Item) => string | undefined {
  const pantry = useQuery(pantryQuery);
  return ({ felt }) => pantry.data?.feels.find(({ code }) => code === felt[felt.length - 1]?.feel)?.name.toLowerCase();
}

function Sentences({ answer }: { answer: ComparisonAnswer }) {
  const figures = useFigures();
  const feelOf = useFeelOf();
  return (
    <section aria-label="What changed and what came of it" className="max-w-4xl pb-3" data-testid="sentences">
      {answer.comparison.against.map((against) => (
        <p key={against.item} className="py-1 text-lg leading-snug">
          {againstWords(against, figures, answer.items.map(feelOf)).join(" ")}
        </p>
      ))}
    </section>
  );
}

function Heading({ items, first }: { items: Item[]; first: string }) {
  return (
    <thead>
      <tr className="soft text-right text-xs">
        <th scope="col" className="pb-1 text-left font-normal">
          {first}
        </th>
        {items.map((item, at) => (
          <th key={item.key} scope="col" className="pb-1 pl-4 font-semibold">
            {LETTERS[at]}
          </th>
        ))}
      </tr>
    </thead>
  );
}

function Ingredients({ answer: { items, comparison } }: { answer: ComparisonAnswer }) {
  const figures = useFigures();
  return (
    <section aria-label="Ingredients">
      <h2 className="section-title pt-2">What went in</h2>
      <table className="w-full text-sm" data-testid="compared-lines">
        <Heading items={items} first="Ingredient, grams and share of the flour" />
        <tbody>
          {comparison.lines.map((line) => (
            <tr
              key={`${line.part} ${line.ingredient}`}
              className={`hairline border-t text-right align-baseline tabular-nums ${line.differs ? "font-semibold" : "soft"}`}
              data-line={line.ingredient}
              data-differs={line.differs}
            >
              <td className="py-1 text-left">
                {line.name}
                {line.part !== "dough" && <span className="soft font-normal"> ({line.part})</span>}
              </td>
              {items.map((item, at) => (
                <td key={item.key} className="py-1 pl-4 whitespace-nowrap">
                  {(line.grams[at] ?? 0) === 0 ? (
                    "–"
                  ) : (
                    <>
                      {figures.mass(line.grams[at] ?? 0)}{" "}
                      <span className="inline-block min-w-14 font-normal">
                        {line.pct[at] == null ? "" : figures.percent(line.pct[at])}
                      </span>
                    </>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const ROW = "hairline border-t text-right align-baseline tabular-nums";

/** How they were made, what was predicted, and what was seen: what differs comes first. */
function Figures({ answer: { items, comparison } }: { answer: ComparisonAnswer }) {
  const figures = useFigures();
  const feel = useFeelOf();
  return (
    <section aria-label="Figures" className="pt-4">
      <h2 className="section-title">How they were made, and what came of it</h2>
      <table className="w-full text-sm" data-testid="compared-figures">
        <Heading items={items} first="What was seen, and what was predicted of it" />
        <tbody>
          {[true, false].map((differing) => (
            <Fragment key={String(differing)}>
              {comparison.settings
                .filter(({ differs }) => differs === differing)
                .map(({ figure, values }) => (
                  <tr key={figure} className={`${ROW} ${differing ? "font-semibold" : "soft"}`} data-figure={figure}>
                    <td className="py-1 text-left">
                      <span className="inline-block first-letter:uppercase">{figureName(figure)}</span>
                    </td>
                    {items.map((item, at) => (
                      <td key={item.key} className="py-1 pl-4">
                        {figureWords(figure, values[at] ?? undefined, figures)}
                      </td>
                    ))}
                  </tr>
                ))}
              {comparison.outcomes
                .filter(({ differs }) => differs === differing)
                .map(({ figure, of }) => (
                  <tr key={figure} className={`${ROW} ${differing ? "font-semibold" : "soft"}`} data-outcome={figure}>
                    <td className="py-1 text-left">{outcomeFigureName(figure)}</td>
                    {of.map((told, at) => (
                      <td key={items[at]?.key} className="py-1 pl-4">
                        <Outcome told={told} word={figure === "feel" && items[at] ? feel(items[at]) : undefined} />
                      </td>
                    ))}
                  </tr>
                ))}
            </Fragment>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Outcome({ told, word }: { told: Told; word: string | undefined }) {
  const figures = useFigures();
  const say = (value: number) => outcomeFigureWords(told.figure, value, figures);
  const { predicted, observed, atLeast, atMost } = told;
  const seen =
    atLeast != null && atMost != null && atLeast !== atMost
      ? `${say(atLeast)} to ${say(atMost)}`
      : atLeast != null && atMost == null
        ? `at least ${say(atLeast)}`
        : atMost != null && atLeast == null
          ? `at most ${say(atMost)}`
          : observed == null
            ? null
            : say(observed);
  return (
    <>
      {seen != null && (
        <span data-testid="seen">
          {word && `${word}, `}
          {seen}
        </span>
      )}
      <span className={`font-normal ${seen == null ? "" : "soft block text-xs"}`}>
        {predicted == null ? (seen == null ? "–" : "") : `predicted ${say(predicted)}`}
      </span>
    </>
  );
}

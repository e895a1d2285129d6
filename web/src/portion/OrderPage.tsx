import { X } from "lucide-react";
import { useMemo } from "react";
import { Link, useSearchParams } from "react-router";
import { type OrderAnswer, orderQuestion } from "../api";
import { Faults, FormulaFinder, useAnswer } from "../formula";
import { useFigures } from "../figures";
import { asSent, IconButton, NumberField, ProblemNotice, Said } from "../parts";
import { itemsOf, type OrderedItem, withItems } from "./order";
import { mindWords } from "./words";

const HERE = /^items\[/;

/** Several formulas at a time: so many pieces of each, and what is needed in all. */
export function OrderPage() {
  const [search, setSearch] = useSearchParams();
  const items = useMemo(() => itemsOf(search), [search]);
  // From what the address says at this moment: the page may still be drawing an older one.
  const change = (to: (now: OrderedItem[]) => OrderedItem[]) =>
    setSearch(withItems(to(itemsOf(new URLSearchParams(window.location.search)))), { replace: true });
  const asked = useMemo(
    () => ({ items: items.map(({ formula, pieces }) => ({ formula, pieces: asSent(pieces) })) }),
    [items],
  );
  const view = useAnswer(orderQuestion, asked, ({ items: some }) => some.length > 0);
  const faults = new Faults(view.problem?.faults);
  const saidHere = view.problem?.faults?.every(({ field }) => HERE.test(field)) ?? false;
  const answer = items.length > 0 ? view.answer : null;
  return (
    <main className="mx-auto max-w-[72rem] px-6 pt-7 pb-16">
      <h1 className="text-[2.1rem] leading-tight">An order</h1>
      <p className="soft pb-4 text-sm">
        Several formulas, so many pieces of each, in their newest versions: what is needed in all.
      </p>
      <div data-testid="order-form" className="max-w-xl">
        {items.map((item, index) => (
          <div key={index} className="hairline flex flex-wrap items-center gap-2 border-t py-1.5 text-sm">
            <Link className="link flex-1" to={`/formulas/${item.formula}/portion`}>
              {item.name}
            </Link>
            <NumberField
              framed
              className="w-24"
              label={`Pieces of ${item.name}`}
              placeholder="pieces"
              value={item.pieces}
              format={String}
              error={faults.of(null, `items[${index}].pieces`)}
              onChange={(pieces) => change((now) => now.map((each, at) => (at === index ? { ...each, pieces } : each)))}
            />
            <IconButton
              label={`Remove ${item.name}`}
              onClick={() => change((now) => now.filter((_, at) => at !== index))}
            >
              <X size={14} aria-hidden />
            </IconButton>
            <Said
              messages={(view.problem?.faults ?? [])
                .filter(({ field }) => field.startsWith(`items[${index}].`))
                .map(({ message }) => message)}
            />
          </div>
        ))}
        <FormulaFinder
          label="Add a formula"
          onFound={(formula, name) => change((now) => [...now, { formula, name, pieces: null }])}
        />
      </div>
      {!saidHere && <ProblemNotice problem={view.problem} />}
      {answer && (
        <div className="answer" data-stale={!view.current} data-testid="order" data-current={view.current}>
          <Ordered answer={answer} />
        </div>
      )}
    </main>
  );
}

function Ordered({ answer: { names, versions, order } }: { answer: OrderAnswer }) {
  const figures = useFigures();
  return (
    <>
      <h2 className="section-title pt-6">To make</h2>
      <ul className="text-sm">
        {order.formulas.map(({ factor, pieces, pieceGrams, doughGrams, minds }, index) => (
          <li key={index} className="hairline border-t py-1">
            <strong>{names[index]}</strong>, version {versions[index]}: {pieces} × {figures.mass(pieceGrams)} from{" "}
            {figures.mass(doughGrams)} of dough, {figures.number(factor, 2)} times the batch.
            {minds.map((mind) => (
              <span key={mind} className="soft block text-xs">
                {mindWords(mind, factor)}
              </span>
            ))}
          </li>
        ))}
      </ul>
      <h2 className="section-title pt-6">To have ready: {figures.mass(order.doughGrams)} of dough in all</h2>
      <div className="relative overflow-x-auto">
        <table className="w-full text-sm" data-testid="order-needs">
          <thead className="soft text-left text-xs">
            <tr>
              <th scope="col" className="font-normal">
                As it is bought
              </th>
              <th scope="col" className="text-right font-normal">
                in all
              </th>
              {names.map((name, index) => (
                <th key={index} scope="col" className="pl-3 text-right font-normal">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {order.ingredients.map(({ ingredient, name, grams, of }) => (
              <tr key={ingredient} className="hairline border-t">
                <td className="py-1">{name}</td>
                <td className="text-right font-semibold tabular-nums">{figures.mass(grams)}</td>
                {of.map((each, index) => (
                  <td key={index} className="pl-3 text-right tabular-nums">
                    {each > 0 ? figures.mass(each) : "–"}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

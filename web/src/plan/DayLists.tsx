import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { type DayListsAnswer, dayListsQuery, type PlannedServing } from "../api";
import { useFigures } from "../figures";
import { ErrorNotice, Headings, StockFields } from "../parts";
import { bowlName, LETTERS, untilWords } from "../words";
import { groupedNeeds, type NeedGroup, type NeedsBy } from "./lists";

/** What is shown below a plan beside its steps. */
export type ListView = "needs" | "bowls" | "kept";

interface DayListsProps {
  /** Id of the plan. */
  plan: string;
  /** Which day it is; empty as long as nobody has said. */
  day: string;
  servings: PlannedServing[];
  view: ListView;
}

/** What a day needs beside its plan: what is taken or bought, what is weighed, and how long its bread is good. */
export function DayLists({ plan, day, servings, view }: DayListsProps) {
  const lists = useQuery(dayListsQuery(plan));
  return (
    <div data-testid="day-lists" data-current={lists.isSuccess && !lists.isFetching}>
      <ErrorNotice error={lists.error} retry={() => void lists.refetch()} />
      {lists.data && view === "needs" && <Needs answer={lists.data} servings={servings} />}
      {lists.data && view === "bowls" && <Bowls answer={lists.data} servings={servings} />}
      {lists.data && view === "kept" && <Kept answer={lists.data} servings={servings} day={day} />}
    </div>
  );
}

interface ListProps {
  answer: DayListsAnswer;
  servings: PlannedServing[];
}

const lotNames = (lots: number[], { lots: names }: DayListsAnswer) =>
  lots.map((lot) => names[lot] ?? `lot ${lot}`).join(", ");

/** What is taken from the shelves, or has to be bought. */
function Needs({ answer, servings }: ListProps) {
  const figures = useFigures();
  const [by, setBy] = useState<NeedsBy>("shelf");
  // While something is typed its row stays where it is.
  const [held, setHeld] = useState<NeedGroup[] | null>(null);
  const groups = groupedNeeds(answer.lists.needs, by, held);
  const headings = [by === "shelf" ? "in all" : "to buy", ...servings.map((_, at) => LETTERS[at] ?? "")];
  return (
    <>
      <p className="flex flex-wrap items-center gap-2 pb-2 text-sm print:hidden">
        <select
          className="select select-sm w-56"
          aria-label="What the list is for"
          value={by}
          onChange={(event) => setBy(event.target.value as NeedsBy)}
        >
          <option value="shelf">to take, by shelf</option>
          <option value="store">to buy, by store</option>
        </select>
        <span className="soft">As it is bought. What is in hand, and where, is kept as you type it.</span>
      </p>
      {groups.length === 0 && <p className="py-4">Everything is in hand: nothing has to be bought.</p>}
      {groups.length > 0 && (
        <div className="relative overflow-x-auto">
          <table
            className="w-full text-sm"
            data-testid="needs"
            onFocus={() => setHeld(held ?? groups)}
            onBlur={(event) => {
              if (!event.currentTarget.contains(event.relatedTarget)) {
                setHeld(null);
              }
            }}
          >
            <thead className="soft text-left text-xs">
              <tr>
                <th scope="col" className="font-normal">
                  What
                </th>
                {headings.map((heading) => (
                  <th key={heading} scope="col" className="pl-3 text-right font-normal">
                    {heading}
                  </th>
                ))}
                <th scope="col" className="pl-3 font-normal">
                  Short of
                </th>
                {["In hand", "Shelf", "Bought at"].map((heading) => (
                  <th key={heading} scope="col" className="font-normal print:hidden">
                    {heading}
                  </th>
                ))}
              </tr>
            </thead>
            {groups.map(({ name, needs }) => (
              <tbody key={name}>
                <tr>
                  <th scope="rowgroup" colSpan={headings.length + 5} className="pt-3 text-left">
                    {name || (by === "shelf" ? "Shelf not said" : "Store not said")}
                  </th>
                </tr>
                {needs.map(({ needed, lots, stock, shortGrams }) => (
                  <tr key={needed.ingredient} className="hairline border-t">
                    <td className="py-1">
                      {needed.name}
                      {lots.length > 0 && <span className="soft block text-xs">lot {lotNames(lots, answer)}</span>}
                    </td>
                    <td className="pl-3 text-right font-semibold whitespace-nowrap tabular-nums">
                      {figures.mass(by === "store" ? (shortGrams ?? needed.grams) : needed.grams)}
                    </td>
                    {needed.of.map((each, at) => (
                      <td key={at} className="pl-3 text-right whitespace-nowrap tabular-nums">
                        {each > 0 ? figures.mass(each) : "–"}
                      </td>
                    ))}
                    <td className="pr-3 pl-3 whitespace-nowrap">
                      <Short grams={shortGrams ?? null} />
                    </td>
                    <StockFields inRow ingredient={needed.ingredient} name={needed.name} stock={stock} />
                  </tr>
                ))}
              </tbody>
            ))}
          </table>
        </div>
      )}
    </>
  );
}

/** How much is missing. */
function Short({ grams }: { grams: number | null }) {
  const figures = useFigures();
  if (grams === null) {
    return <span className="soft">not counted</span>;
  }
  return grams > 0 ? <strong className="text-error">{figures.mass(grams)}</strong> : "enough";
}

/** What is weighed into which bowl, serving by serving. */
function Bowls({ answer, servings }: ListProps) {
  const figures = useFigures();
  return (
    <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2" data-testid="bowls">
      {answer.lists.bowls.map(({ serving, bowls }, at) => (
        <section key={serving} className="break-inside-avoid">
          <h3 className="font-semibold">
            {LETTERS[at]} {servings[at]?.name}
          </h3>
          <div className="columns-2 gap-6">
            {bowls.map(({ kind, weighed, grams }) => (
              <div key={kind} className="break-inside-avoid pb-2">
                <p className="soft flex justify-between text-xs">
                  <span>{bowlName(kind)}</span>
                  <span className="tabular-nums">{figures.mass(grams)}</span>
                </p>
                {weighed.map(({ weighed: { line, ingredient, name, grams: each, celsius }, lot }) => (
                  <p key={`${line} ${ingredient}`} className="hairline flex justify-between gap-3 border-t text-sm">
                    <span>
                      {name}
                      {celsius != null && `, ${figures.temperature(celsius)}`}
                      {lot != null && <span className="soft"> (lot {lotNames([lot], answer)})</span>}
                    </span>
                    <strong className="whitespace-nowrap tabular-nums">{figures.mass(each)}</strong>
                  </p>
                ))}
              </div>
            ))}
          </div>
        </section>
      ))}
    </div>
  );
}

/** How the bread is kept, now and later, and until when it is used. */
function Kept({ answer, servings, day }: ListProps & { day: string }) {
  const figures = useFigures();
  const kept = answer.lists.kept;
  const numberOf = (serving: string) => servings.findIndex(({ key }) => key === serving);
  const tooMany = kept.filter(({ kept: { pieces } }) => pieces < 0);
  return (
    <>
      {tooMany.map(({ serving, kept: { pieces } }) => (
        <p key={serving} role="status" className="border-warning bg-base-200 border-l-4 my-1 rounded px-2 py-1 text-sm">
          {figures.number(-pieces, 0)} more of {servings[numberOf(serving)]?.name} are put aside than are made.
        </p>
      ))}
      <table className="w-full max-w-4xl text-sm" data-testid="kept">
        <Headings of={["Serving", "Pieces", "Kept", "Use by"]} />
        <tbody>
          {kept.map(({ serving, kept: { storage, pieces }, useBy }, at) => (
            <tr key={at} className="hairline border-t">
              <td className="py-1 pr-3">
                {LETTERS[numberOf(serving)]} {servings[numberOf(serving)]?.name}
              </td>
              <td className="pr-3 tabular-nums">{figures.number(Math.max(0, pieces), 0)}</td>
              <td className="pr-3">{storage.name}</td>
              <td className="tabular-nums">{untilWords(day, useBy, figures)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft pt-1 text-xs">
        Put some aside with its serving above. Use-by: typical values, from when the last piece is cooked; your local
        food rules and a qualified adviser go first.
      </p>
      <h3 className="pt-4 font-semibold">Labels</h3>
      <ul className="flex flex-wrap gap-3 pt-1" data-testid="labels">
        {kept
          .filter(({ serving, kept: { pieces } }) => pieces > 0 && !tooMany.some((each) => each.serving === serving))
          .map(({ serving, kept: { storage, pieces }, useBy }, at) => (
            <li key={at} className="hairline w-64 break-inside-avoid rounded border p-3 text-sm">
              <strong className="block text-base leading-tight">{servings[numberOf(serving)]?.name}</strong>
              {figures.number(pieces, 0)} pieces, {storage.name}
              {day !== "" && <span className="block">made {figures.date(day)}</span>}
              <strong className="block">use by {untilWords(day, useBy, figures)}</strong>
            </li>
          ))}
      </ul>
      <p className="soft pt-1 text-xs">What has to be declared on a pack stands on the label of each formula's Card.</p>
    </>
  );
}

import type { CardDocument } from "../api";
import { Runs } from "../parts";
import { CardPicture } from "./CardPicture";
import { CardQr } from "./CardQr";

type Band = CardDocument["bands"][number];
type Section = Band["sections"][number];
type Part = Section["parts"][number];
type Table = NonNullable<Part["table"]>;

/** A card as it is printed: the same as in the PDF. Paper is light, whatever the theme. */
export function CardSheet({ card }: { card: CardDocument }) {
  return (
    <article
      className={`card-sheet card-sheet-${card.paper}`}
      data-theme="day"
      data-testid="card-sheet"
      aria-label={`${card.title}, ${card.under}`}
    >
      <style>{`@page { size: ${card.paper === "letter" ? "letter" : "A4"}; margin: 14mm; }`}</style>
      <header className="flex items-start gap-4 pb-2">
        <div className="flex-1">
          <h1 className="font-display text-3xl">{card.title}</h1>
          <p className="soft text-sm">{card.under}</p>
        </div>
        {card.qr && card.link && <CardQr qr={card.qr} link={card.link} />}
      </header>
      {card.bands.map((band, index) => (
        <BandOf key={index} band={band} />
      ))}
      <footer className="soft pt-4 text-[0.68rem]">
        {card.foot} {card.link}
      </footer>
    </article>
  );
}

function BandOf({ band: { sections, widths } }: { band: Band }) {
  return (
    <div
      className="grid gap-x-6 pt-2"
      style={{ gridTemplateColumns: widths.map((width) => `minmax(0, ${width}fr)`).join(" ") }}
    >
      {sections.map((section, index) => (
        <section key={index} className="pb-1">
          {section.heading && <h2 className="font-display text-lg">{section.heading}</h2>}
          {section.parts.map((part, at) => (
            <PartOf key={at} part={part} />
          ))}
        </section>
      ))}
    </div>
  );
}

function PartOf({ part: { text, small, steps, table, picture } }: { part: Part }) {
  return (
    <>
      {text && (
        <p className={small ? "soft text-[0.68rem]" : "pb-0.5"}>
          <Runs runs={text} />
        </p>
      )}
      {steps && (
        <ol className="list-decimal pl-6">
          {steps.map((step, index) => (
            <li key={index} className="break-inside-avoid pb-0.5">
              <Runs runs={step} />
            </li>
          ))}
        </ol>
      )}
      {table && <TableOf table={table} />}
      {picture && <CardPicture picture={picture} />}
    </>
  );
}

function TableOf({ table: { columns, numbers, rows } }: { table: Table }) {
  const align = (column: number) => (numbers[column] ? "text-right tabular-nums whitespace-nowrap pl-3" : "text-left");
  return (
    <table className="w-full">
      {columns.some((name) => name !== "") && (
        <thead className="soft text-[0.68rem]">
          <tr>
            {columns.map((name, index) =>
              name === "" ? (
                <td key={index} />
              ) : (
                <th key={index} scope="col" className={`font-normal ${align(index)}`}>
                  {name}
                </th>
              ),
            )}
          </tr>
        </thead>
      )}
      <tbody>
        {rows.map(({ heading, cells }, index) => (
          <tr key={index} className="hairline break-inside-avoid border-b">
            {cells.map((cell, column) =>
              heading ? (
                <th key={column} scope="rowgroup" colSpan={columns.length} className="pt-1.5 text-left">
                  <Runs runs={cell} />
                </th>
              ) : (
                <td key={column} className={align(column)}>
                  <Runs runs={cell} />
                </td>
              ),
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

import { FileDown, Printer } from "lucide-react";
import { useId } from "react";
import { useSearchParams } from "react-router";
import type { CardAsked } from "../api";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { WRITING } from "../words";
import { chosen, hidden, KINDS, PAPERS, pdfAddress, SHOWN } from "./asked";

/** What the address says at this moment: the page may still be drawing an older one. */
const addressNow = () => new URLSearchParams(window.location.search);

interface CardFormProps {
  id: number;
  editor: Editor;
  asked: CardAsked;
  /** Whether the card on the page is the one that is asked for. */
  isReady: boolean;
}

/** Which card, how it is written, what is left out; and the ways to take it along. */
export function CardForm({ id, editor, asked, isReady }: CardFormProps) {
  const [, setSearch] = useSearchParams();
  const figures = useFigures();
  const put = (name: string, value: string | null) => setSearch(chosen(addressNow(), name, value), { replace: true });
  const kind = asked.kind ?? "bench";
  const others = (editor.document?.versions ?? []).filter(({ number }) => number !== editor.baseNumber);
  const link = "btn btn-sm justify-start";
  return (
    <div data-testid="card-form" className="pb-4">
      <h2 className="section-title">Card</h2>
      <Choice label="Kind of card" value={kind} options={KINDS} onChange={(value) => put("kind", value)} />
      {kind === "comparison" && (
        <Choice
          label="Compared with"
          value={asked.with == null ? "" : String(asked.with)}
          options={[
            { code: "", name: "the one before" },
            ...others.map(({ number, savedAt }) => ({
              code: String(number),
              name: `version ${number}, ${figures.date(savedAt)}`,
            })),
          ]}
          onChange={(value) => put("with", value)}
        />
      )}
      <Choice label="Paper" value={asked.paper ?? "a4"} options={PAPERS} onChange={(value) => put("paper", value)} />
      <Choice
        {...WRITING.massUnit}
        value={asked.massUnit ?? figures.massUnit}
        onChange={(value) => put("massUnit", value)}
      />
      <Choice
        {...WRITING.lengthUnit}
        value={asked.lengthUnit ?? figures.lengthUnit}
        onChange={(value) => put("lengthUnit", value)}
      />
      <Choice
        {...WRITING.temperatureUnit}
        value={asked.temperatureUnit ?? figures.temperatureUnit}
        onChange={(value) => put("temperatureUnit", value)}
      />
      <Choice
        {...WRITING.decimalMark}
        value={asked.decimalMark ?? (figures.number(0.5, 1).includes(",") ? "comma" : "point")}
        onChange={(value) => put("decimalMark", value)}
      />
      <fieldset className="pt-3 text-sm">
        <legend className="contents">With</legend>
        {SHOWN.filter(({ on }) => (on as readonly string[]).includes(kind)).map(({ code, name }) => (
          <label key={code} className="flex min-h-7 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={!asked.hide?.includes(code)}
              onChange={(event) => setSearch(hidden(addressNow(), code, !event.target.checked), { replace: true })}
            />
            {name}
          </label>
        ))}
      </fieldset>
      <div className="flex flex-col gap-1.5 pt-4">
        <button className="btn btn-sm btn-primary justify-start" disabled={!isReady} onClick={() => window.print()}>
          <Printer size={16} aria-hidden /> Print
        </button>
        <a className={link} href={pdfAddress(id, asked)} download>
          <FileDown size={16} aria-hidden /> PDF
        </a>
        <a className={`${link} btn-ghost`} href={`/api/files/formulas/${id}/recipe`} download>
          <FileDown size={16} aria-hidden /> Recipe, JSON-LD
        </a>
        <a className={`${link} btn-ghost`} href={`/api/files/formulas?id=${id}`} download>
          <FileDown size={16} aria-hidden /> Formula file
        </a>
      </div>
    </div>
  );
}

interface ChoiceProps {
  label: string;
  value: string;
  options: readonly { code: string; name: string }[];
  onChange: (code: string) => void;
}

function Choice({ label, value, options, onChange }: ChoiceProps) {
  const id = useId();
  return (
    <div className="flex items-center gap-2 pt-2 text-sm">
      <label className="w-28 shrink-0" htmlFor={id}>
        {label}
      </label>
      <select
        id={id}
        className="quiet-field framed min-w-0 flex-1"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {options.map(({ code, name }) => (
          <option key={code} value={code}>
            {name}
          </option>
        ))}
      </select>
    </div>
  );
}

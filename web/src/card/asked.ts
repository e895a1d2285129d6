import type { CardAsked } from "../api";

export const KINDS = [
  { code: "bench", name: "Bench sheet" },
  { code: "spec", name: "Specification" },
  { code: "label", name: "Label" },
  { code: "comparison", name: "Comparison" },
] as const;

export const PAPERS = [
  { code: "a4", name: "A4" },
  { code: "letter", name: "Letter" },
] as const;

/** What can be left out, and on which cards it stands. */
export const SHOWN = [
  { code: "pictures", name: "small pictures", on: ["bench"] },
  { code: "percentages", name: "baker’s percentages", on: ["bench", "comparison"] },
  { code: "nutrition", name: "nutrition", on: ["spec"] },
  { code: "note", name: "the version’s note", on: ["bench", "comparison"] },
  { code: "qr", name: "QR code and address", on: ["bench", "spec", "label", "comparison"] },
] as const;

/** Which card is looked at, as the address of the page says. */
export function cardAsked(search: URLSearchParams, version: number | null): CardAsked {
  const number = search.get("with");
  return {
    kind: search.get("kind") ?? "bench",
    version,
    with: number === null ? null : Number(number),
    paper: search.get("paper") ?? "a4",
    massUnit: search.get("massUnit"),
    lengthUnit: search.get("lengthUnit"),
    temperatureUnit: search.get("temperatureUnit"),
    decimalMark: search.get("decimalMark"),
    hide: search.getAll("hide"),
  };
}

/** The address of the PDF of a card. */
export function pdfAddress(id: number, asked: CardAsked): string {
  const query = new URLSearchParams();
  Object.entries(asked).forEach(([name, value]) => {
    for (const each of Array.isArray(value) ? value : [value]) {
      if (each !== null && each !== undefined) {
        query.append(name, String(each));
      }
    }
  });
  return `/api/formulas/${id}/card.pdf?${query.toString()}`;
}

/** Another choice in the address of the page; nothing for what is usual. */
export function chosen(search: URLSearchParams, name: string, value: string | null): URLSearchParams {
  const next = new URLSearchParams(search);
  if (value === null || value === "") {
    next.delete(name);
  } else {
    next.set(name, value);
  }
  return next;
}

/** The address with something left out, or not. */
export function hidden(search: URLSearchParams, code: string, isHidden: boolean): URLSearchParams {
  const next = new URLSearchParams(search);
  const others = next.getAll("hide").filter((each) => each !== code);
  next.delete("hide");
  [...others, ...(isHidden ? [code] : [])].forEach((each) => next.append("hide", each));
  return next;
}

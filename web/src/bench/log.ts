import type { BenchEntry, DeviceState } from "../api";
import type { Figures } from "../figures";
import { benchStepNameOf, outcomeName, READINGS } from "../words";

/** What was noted, in one line. */
export function entryWords(entry: BenchEntry, figures: Figures, name: (code: string) => string): string {
  const { kind, figure, piece, outcome, subject, text } = entry;
  const said = text ? `: ${text}` : "";
  switch (kind) {
    case "step":
      return `${benchStepNameOf(entry.step)} ${outcomeName(kind, outcome)}`;
    case "wetted":
      return "Water met flour";
    case "pour":
      return `Poured ${figures.mass(figure ?? 0)} of ${name(subject ?? "").toLowerCase()}`;
    case "felt":
      return `Felt ${outcomeName(kind, outcome)}${said}`;
    case "correction":
      return `${capital(outcomeName(kind, outcome))}${additions(entry, figures, name)}${said}`;
    case "reading":
      return `${READINGS[subject ?? ""]?.name ?? subject}: ${reading(subject, figure ?? 0, figures)}`;
    case "piece":
      return `Piece ${piece}: ${figures.mass(figure ?? 0)}`;
    case "rolled":
      return `Ball ${piece} rolled: ${outcomeName(kind, outcome)}${figure ? `, ${figures.size(figure)}` : ""}`;
    case "on-pan":
      return `Piece ${piece} on${figure == null ? "" : ` at ${figures.temperature(figure)}`}`;
    case "turned":
      return `Piece ${piece} turned${outcome ? ` for ${outcomeName(kind, outcome)}` : ""}`;
    case "off-pan":
      return `Piece ${piece} off${outcome ? `: ${outcomeName(kind, outcome)}` : ""}`;
    case "timer":
      return `Timer${said}, ${figures.number((figure ?? 0) / 60, 0)} min`;
    case "timer-seen":
      return "Timer seen";
    case "taste":
      return `Tasted: ${tasted(entry)}${said}`;
    case "verdict":
      return `${capital(outcomeName(kind, outcome))}${said}`;
    case "note":
      return text ?? "";
    case "change":
      return `Next time${said}`;
    case "tag":
      return `Tag${said}`;
    case "finished":
      return "Finished";
  }
}

function tasted({ subject, figure, outcome }: BenchEntry): string {
  return subject === "fold" ? outcomeName("taste", outcome) : `${subject} ${figure} of 9`;
}

function additions({ additions: all }: BenchEntry, figures: Figures, name: (code: string) => string): string {
  return all && all.length > 0
    ? `: ${all.map(({ ingredient, grams }) => `${figures.mass(grams)} ${name(ingredient).toLowerCase()}`).join(", ")}`
    : "";
}

const DEVICES: Record<DeviceState["kind"], { name: string; shows: string }> = {
  scale: { name: "Scale", shows: "dough-grams" },
  probe: { name: "Probe", shows: "dough" },
  pan: { name: "Pan thermometer", shows: "pan" },
  room: { name: "Room", shows: "room" },
  humidity: { name: "Air humidity", shows: "humidity" },
  moisture: { name: "Moisture meter", shows: "moisture" },
};

/** A device, in a word or two. */
export function deviceName(kind: DeviceState["kind"]): string {
  return DEVICES[kind].name;
}

/** A reading in the kitchen's unit; of what is read, or of a device. */
export function reading(subject: string | null | undefined, figure: number, figures: Figures): string {
  const of = DEVICES[subject as DeviceState["kind"]]?.shows ?? subject ?? "";
  const unit = READINGS[of]?.unit;
  return unit === "temperature"
    ? figures.temperature(figure)
    : unit === "mass"
      ? figures.mass(figure)
      : figures.percent(figure);
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

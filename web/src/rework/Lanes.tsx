import { Flag } from "lucide-react";
import type { CSSProperties, ReactNode } from "react";
import type { LadderAnswer } from "../api";
import { type Figures, useFigures } from "../figures";
import { type Drawn, scaleOf } from "./ladderGeometry";
import { isSameShare } from "./plan";

type Rung = LadderAnswer["rungs"][number];

interface LanesProps {
  answer: LadderAnswer;
  drawn: Drawn;
  /** Index of the chosen rung; -1 for none. */
  picked: number;
  /** Shares that were picked for a series of trials. */
  forTrials: number[];
}

interface LaneDrawing {
  name: string;
  /** What its ends mean. */
  ends: [string, string];
  width: string;
  /** What lies behind all rungs. */
  behind?: ReactNode;
  marks: (rung: Rung) => ReactNode;
}

/** The rails and rungs, and a lane for each thing that becomes of the dough. */
export function Lanes({ answer, drawn, picked, forTrials }: LanesProps) {
  const figures = useFigures();
  const lanes = lanesOf(answer, figures);
  const chosen = drawn.rungs[picked];
  return (
    <div
      className="grid gap-x-2 xl:gap-x-3"
      style={{ gridTemplateColumns: `minmax(6rem,8rem) ${lanes.map(({ width }) => width).join(" ")}` }}
    >
      <div className="relative" style={{ height: drawn.height }}>
        <span className="bg-secondary absolute inset-y-0 left-[2.9rem] w-[3px] rounded-full" />
        <span className="bg-secondary absolute inset-y-0 right-0 w-[3px] rounded-full" />
        {drawn.rungs.map((rung, index) => (
          <RungBar
            key={rung.share}
            rung={rung}
            drawn={drawn}
            picked={index === picked}
            forTrials={forTrials.some((each) => isSameShare(rung.share, each))}
          />
        ))}
      </div>
      {lanes.map(({ name, behind, marks }) => (
        <div key={name} className="bg-base-200/60 relative overflow-hidden rounded-sm" style={{ height: drawn.height }}>
          {behind}
          {chosen && (
            <span
              className="bg-base-300 absolute inset-x-0"
              style={{ top: drawn.top(chosen.share) - drawn.row / 2, height: drawn.row }}
            />
          )}
          {drawn.rungs.map((rung) => (
            <div
              key={rung.share}
              className="absolute inset-x-0"
              style={{ top: drawn.top(rung.share) - drawn.row / 2, height: drawn.row }}
            >
              {marks(rung)}
            </div>
          ))}
        </div>
      ))}
      <span className="soft pt-1 text-xs">share</span>
      {lanes.map(({ name, ends }) => (
        <div key={name} className="pt-1 text-center text-xs leading-tight">
          <p className="hidden min-h-[1.25em] justify-between xl:flex">
            <span className="soft">{ends[0]}</span>
            <span className="soft">{ends[1]}</span>
          </p>
          <p className="mx-auto max-xl:[writing-mode:vertical-rl] max-xl:text-left">{name}</p>
        </div>
      ))}
    </div>
  );
}

interface RungBarProps {
  rung: Rung;
  drawn: Drawn;
  picked: boolean;
  /** Whether it was picked for a series of trials. */
  forTrials: boolean;
}

/** A rung with its share, broken in the middle where a limit is; a flag at its end when it is picked for trials. */
function RungBar({ rung, drawn, picked, forTrials }: RungBarProps) {
  const figures = useFigures();
  const top = drawn.top(rung.share);
  const broken = rung.broken.length > 0;
  const bar = `absolute h-[5px] rounded-full ${broken ? "bg-error" : "bg-primary"} ${picked ? "h-[8px]" : ""}`;
  const at: CSSProperties = { top: top - (picked ? 4 : 2.5) };
  return (
    <span data-rung={rung.share} data-broken={rung.broken.join(" ")}>
      <span
        className={`absolute left-0 w-[2.6rem] text-right text-xs ${picked ? "font-bold" : ""}`}
        style={{ top: top - 8, opacity: drawn.row < 15 && !picked && Math.round(rung.share * 1000) % 100 ? 0 : 1 }}
      >
        {figures.number(100 * rung.share, Number.isInteger(Math.round(rung.share * 1000) / 10) ? 0 : 1)} %
      </span>
      {forTrials && (
        <Flag
          aria-hidden
          className="fill-accent absolute right-1 z-10"
          size={13}
          style={{ top: top - 12 }}
          data-for-trials={rung.share}
        />
      )}
      {rung.batches.length > 0 && (
        <span
          className="bg-base-100 border-base-content absolute left-[55%] z-10 flex size-[15px] items-center justify-center rounded-full border text-[10px] leading-none"
          style={{ top: top - 7.5 }}
          data-batches={rung.batches.length}
        >
          {rung.batches.length}
        </span>
      )}
      {broken ? (
        <>
          <span className={`${bar} left-[2.9rem] w-[1.9rem] rotate-12`} style={at} />
          <span className={`${bar} right-0 w-[1.9rem] -rotate-12`} style={at} />
        </>
      ) : (
        <span className={`${bar} right-0 left-[2.9rem]`} style={at} />
      )}
    </span>
  );
}

/** A mark from one place of a lane to another, both in percent of its width. */
function Span({ from, to, tall, className }: { from: number; to: number; tall: number; className: string }) {
  const style = { left: `${from}%`, width: `max(2px, ${to - from}%)`, height: `${tall}%`, top: `${(100 - tall) / 2}%` };
  return <span className={`absolute rounded-[2px] ${className}`} style={style} />;
}

function Dot({ at, hollow }: { at: number; hollow: boolean }) {
  return (
    <span
      className={`absolute top-1/2 size-[9px] -translate-x-1/2 -translate-y-1/2 rounded-full border-2 ${hollow ? "bg-base-100 border-base-content/70" : "bg-primary border-primary"}`}
      style={{ left: `${at}%` }}
    />
  );
}

function lanesOf({ rungs, limits }: LadderAnswer, figures: Figures): LaneDrawing[] {
  const waters = rungs.map(({ balance }) => balance.water);
  const masses = waters.flatMap(({ told }) => [told.low, told.high]);
  const water = scaleOf(masses);
  const settings = rungs[0]?.balance.settings;
  const softness = scaleOf([
    ...rungs.flatMap((rung) => [rung.uncorrectedSoftness, rung.balance.softnessAtRoll]),
    settings?.softnessLow,
    settings?.softnessHigh,
  ]);
  const sheets = rungs.flatMap(({ balance }) => [balance.handling.thinnestMm, balance.settings.sheetMm]);
  const sheet = scaleOf(sheets, 0);
  const last = Math.max(...rungs.map(({ balance }) => balance.window?.[1] ?? 0), 1);
  const minute = scaleOf([0, last]);
  const strengths = rungs.map(({ balance }) => balance.handling.sheetStrength);
  const strength = scaleOf(strengths, 0);
  const softHours = Math.max(...rungs.map(({ balance }) => balance.figures.softHours ?? 0));
  const barLane = (
    name: string,
    figure: "rollability" | "stick" | "crack" | "tear" | "puff" | "softHours",
    width: string,
    colour: string,
    ends: [string, string] = ["", ""],
    scale = (value: number) => value,
  ): LaneDrawing => ({
    name,
    ends,
    width,
    behind: <Limit at={limits.find((limit) => limit.figure === figure)} scale={scale} />,
    marks: ({ balance, broken }) => (
      <Span
        from={0}
        to={scale(balance.figures[figure] ?? 0)}
        tall={55}
        className={broken.includes(figure) ? "bg-error" : colour}
      />
    ),
  });
  const lanes: LaneDrawing[] = [
    {
      name: "water",
      ends: [
        Math.min(...masses) < 0 ? "too much" : figures.massNumber(Math.min(...masses)),
        figures.mass(Math.max(0, ...masses)),
      ],
      width: "minmax(0,1.5fr)",
      behind: Math.min(...masses) < 0 && (
        <span className="bg-base-content/15 absolute inset-y-0 left-0" style={{ width: `${water(0)}%` }} />
      ),
      marks: ({ balance: { water: needed } }) => (
        <>
          <Span from={water(needed.told.low)} to={water(needed.told.high)} tall={50} className="water-range" />
          <Span
            from={water(needed.needed) - 0.4}
            to={water(needed.needed) + 0.4}
            tall={80}
            className="bg-base-content"
          />
        </>
      ),
    },
    {
      name: "softness ● left alone ○",
      ends: ["stiff", "wet"],
      width: "minmax(0,1.5fr)",
      behind: settings && (
        <span
          className="bg-primary/15 absolute inset-y-0"
          style={{
            left: `${softness(settings.softnessLow)}%`,
            width: `${softness(settings.softnessHigh) - softness(settings.softnessLow)}%`,
          }}
        />
      ),
      marks: ({ uncorrectedSoftness, balance: { softnessAtRoll } }) =>
        uncorrectedSoftness != null &&
        softnessAtRoll != null && (
          <>
            <Span
              from={softness(Math.min(uncorrectedSoftness, softnessAtRoll))}
              to={softness(Math.max(uncorrectedSoftness, softnessAtRoll))}
              tall={8}
              className="bg-base-content/40"
            />
            <Dot at={softness(uncorrectedSoftness)} hollow />
            <Dot at={softness(softnessAtRoll)} hollow={false} />
          </>
        ),
    },
    {
      name: "strength",
      ends: ["0", figures.number(Math.max(...strengths), 0)],
      width: "minmax(0,.8fr)",
      behind: <Limit at={limits.find((limit) => limit.figure === "sheetStrength")} scale={strength} />,
      marks: ({ balance: { handling }, broken }) => (
        <Span
          from={0}
          to={strength(handling.sheetStrength)}
          tall={55}
          className={broken.includes("sheetStrength") ? "bg-error" : "bg-secondary/70"}
        />
      ),
    },
    {
      name: "thinnest sheet, sheet │",
      ends: ["0", `${figures.number(Math.max(...sheets.filter((mm) => mm !== undefined)), 1)} mm`],
      width: "minmax(0,1.1fr)",
      behind: <Limit at={limits.find((limit) => limit.figure === "minSheetMm")} scale={sheet} />,
      marks: ({ balance: { handling, settings: used }, broken }) => (
        <>
          <Span
            from={0}
            to={sheet(handling.thinnestMm)}
            tall={45}
            className={broken.includes("minSheetMm") ? "bg-error" : "bg-secondary/50"}
          />
          <Span from={sheet(used.sheetMm) - 0.6} to={sheet(used.sheetMm) + 0.6} tall={90} className="bg-base-content" />
        </>
      ),
    },
    {
      name: "when it can be rolled",
      ends: ["0", `${figures.number(last, 0)} min`],
      width: "minmax(0,1.3fr)",
      marks: ({ balance: { window }, broken }) =>
        window ? (
          <Span
            from={minute(window[0] ?? 0)}
            to={minute(window[1] ?? 0)}
            tall={50}
            className={broken.includes("window.minutes") ? "bg-error" : "bg-primary/60"}
          />
        ) : (
          <span className="text-error absolute inset-0 flex items-center justify-center text-[10px] leading-none">
            never
          </span>
        ),
    },
    barLane("sticks", "stick", "minmax(0,.65fr)", "bg-base-content/60"),
    barLane("cracks", "crack", "minmax(0,.65fr)", "bg-base-content/60"),
    barLane("tears", "tear", "minmax(0,.65fr)", "bg-base-content/60"),
    barLane("rollability", "rollability", "minmax(0,1fr)", "bg-primary", ["0", "100 %"]),
  ];
  if (rungs.some(({ balance }) => balance.figures.puff !== undefined)) {
    lanes.push(barLane("puffs", "puff", "minmax(0,.6fr)", "bg-secondary/70"));
  }
  if (softHours > 0) {
    const ends: [string, string] = ["0", `${figures.number(softHours, 0)} h`];
    lanes.push(barLane("hours soft", "softHours", "minmax(0,.65fr)", "bg-secondary/70", ends, scaleOf([0, softHours])));
  }
  return lanes;
}

/** A limit as a line through a lane. */
function Limit({ at, scale }: { at?: LadderAnswer["limits"][number]; scale: (value: number) => number }) {
  return [at?.atLeast, at?.atMost].map(
    (end) =>
      end != null && (
        <span
          key={end}
          className="border-error/70 absolute inset-y-0 border-l border-dotted"
          style={{ left: `${scale(end)}%` }}
        />
      ),
  );
}

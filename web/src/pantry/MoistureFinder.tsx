import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, taken } from "../api";
import { useFigures } from "../figures";
import { asSent, type NumberEntry, NumberField } from "../parts";
import { useProblem } from "../words";

type Way = "dried" | "storage-air";

/** Finds a flour's moisture: by drying a sample, with the meter, or from the air it is stored in. */
export function MoistureFinder({ onFound }: { onFound: (pct: number, how: string) => void }) {
  const figures = useFigures();
  const [way, setWay] = useState<Way | null>(null);
  const [first, setFirst] = useState<NumberEntry>(null);
  const [second, setSecond] = useState<NumberEntry>(null);
  const work = useMutation({
    mutationFn: () =>
      taken(
        api.POST("/api/pantry/lots/moisture", {
          body:
            way === "dried"
              ? { beforeGrams: asSent(first), afterGrams: asSent(second) ?? 0 }
              : { celsius: asSent(first), humidityPct: asSent(second) },
        }),
      ),
    onSuccess: ({ moisturePct }) => onFound(moisturePct, way ?? "typed"),
  });
  const meter = useMutation({
    mutationFn: () => taken(api.GET("/api/devices")),
    onSuccess: ({ devices }) => {
      const read = devices.find(({ kind }) => kind === "moisture")?.reading;
      if (read != null) {
        onFound(read, "meter");
      }
    },
  });
  const read = meter.data?.devices.find(({ kind }) => kind === "moisture")?.reading;
  const choose = (next: Way) => {
    setWay(next);
    setFirst(null);
    setSecond(null);
    work.reset();
  };
  const problem = useProblem(work.error ?? meter.error);
  return (
    <div className="bg-base-200 rounded-lg p-3 text-sm">
      <p className="flex flex-wrap gap-x-4">
        <span className="soft">Find the moisture:</span>
        <button type="button" className="link text-primary" onClick={() => choose("dried")}>
          dry a sample
        </button>
        <button type="button" className="link text-primary" onClick={() => meter.mutate()}>
          read the meter
        </button>
        <button type="button" className="link text-primary" onClick={() => choose("storage-air")}>
          from the air it is stored in
        </button>
      </p>
      {meter.data && (
        <p className="soft pt-1 text-xs" role="status">
          {read == null ? "The moisture meter says nothing." : `The moisture meter shows ${figures.percent(read)}.`}
        </p>
      )}
      {way && (
        <div className="flex items-end gap-3 pt-2">
          <span className="w-36">
            <span className="soft block text-xs">{way === "dried" ? "sample before" : "temperature of the store"}</span>
            <NumberField
              framed
              label={way === "dried" ? "Sample before" : "Temperature of the store"}
              unit={way === "dried" ? "g" : figures.temperatureUnit === "C" ? "°C" : "°F"}
              value={first}
              format={(value) => figures.number(way === "dried" ? value : figures.degreesFromCelsius(value), 1)}
              {...(way === "dried"
                ? {}
                : { toTyped: figures.degreesFromCelsius, fromTyped: figures.celsiusFromDegrees })}
              onChange={setFirst}
            />
          </span>
          <span className="w-36">
            <span className="soft block text-xs">{way === "dried" ? "sample dried" : "humidity of its air"}</span>
            <NumberField
              framed
              label={way === "dried" ? "Sample dried" : "Humidity of its air"}
              unit={way === "dried" ? "g" : "%"}
              value={second}
              format={(value) => figures.number(value, 1)}
              onChange={setSecond}
            />
          </span>
          <button type="button" className="btn btn-sm" onClick={() => work.mutate()}>
            Work it out
          </button>
        </div>
      )}
      {problem && (
        <p role="alert" className="text-error pt-1 text-xs">
          {problem.detail}
        </p>
      )}
    </div>
  );
}

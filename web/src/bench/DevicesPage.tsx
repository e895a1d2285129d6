import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { type ActRequest, api, type DeviceState, devicesQuery, taken } from "../api";
import { useFigures } from "../figures";
import { asSent, ErrorNotice, ErrorText, MassField, type NumberEntry } from "../parts";
import { useDevices } from "./devices";
import { deviceName, reading } from "./log";

const SPEEDS = [1, 10, 60, 600];
const PROBES = [
  { code: "air", name: "in the air" },
  { code: "dough", name: "in the dough" },
  { code: "water", name: "in the water" },
] as const;

/** The devices live, and what can be done to the simulated ones. */
export function DevicesPage() {
  const figures = useFigures();
  const queries = useQueryClient();
  const query = useQuery(devicesQuery);
  const live = useDevices();
  const [grams, setGrams] = useState<NumberEntry>(null);
  const act = useMutation({
    mutationFn: (body: ActRequest) => taken(api.POST("/api/devices/simulation", { body })),
    onSuccess: (answer) => queries.setQueryData(devicesQuery.queryKey, answer),
  });
  const tare = useMutation({ mutationFn: () => taken(api.POST("/api/devices/tare")) });
  const clock = useMutation({
    mutationFn: (speed: number | null) => taken(api.POST("/api/devices/clock", { body: { speed } })),
    onSuccess: (answer) => {
      queries.setQueryData(devicesQuery.queryKey, answer);
      void queries.invalidateQueries({ queryKey: ["bench"] });
    },
  });
  const answer = query.data;
  if (!answer) {
    return (
      <main className="px-6 py-24 text-center">
        {query.error ? <ErrorNotice error={query.error} /> : <p className="soft">Looking for the devices…</p>}
      </main>
    );
  }
  const devices = live.length > 0 ? live : answer.devices;
  return (
    <main className="mx-auto max-w-[72rem] px-6 pt-7 pb-16" data-testid="devices">
      <h1 className="text-[2.1rem] leading-tight">Devices</h1>
      <p className="soft pb-4 text-sm">
        What stands at the{" "}
        <Link className="link" to="/bench">
          bench
        </Link>
        , live. These are simulated stand-ins; a real device takes the place of its own.
      </p>
      <ul className="grid grid-cols-3 gap-x-8">
        {devices.map((device) => (
          <Device
            key={device.kind}
            device={device}
            shown={device.reading == null ? "–" : reading(device.kind, device.reading, figures)}
            onPlug={(inPlace) => act.mutate({ plug: device.kind, in: inPlace })}
          />
        ))}
      </ul>
      <h2 className="section-title pt-8">Simulation</h2>
      <div className="grid grid-cols-2 gap-x-10 gap-y-4 pt-2">
        <form
          className="flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            act.mutate({ putGrams: asSent(grams) });
          }}
        >
          <span className="soft w-28">On the scale</span>
          <MassField className="w-28" label="Put on the scale" value={grams} onChange={setGrams} />
          <button className="btn btn-sm" disabled={grams === null}>
            Put on
          </button>
          <button type="button" className="btn btn-sm" onClick={() => act.mutate({ putGrams: 40 })}>
            {figures.mass(40)} more
          </button>
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => act.mutate({ putGrams: -answer.setting.loadGrams })}
          >
            Clear
          </button>
          <button type="button" className="btn btn-sm btn-ghost" onClick={() => tare.mutate()}>
            Tare
          </button>
        </form>
        <label className="flex items-center gap-2">
          <span className="soft w-28">Probe</span>
          <select
            className="quiet-field framed"
            value={answer.setting.probeIn}
            onChange={(event) => act.mutate({ probeIn: event.target.value as ActRequest["probeIn"] })}
          >
            {PROBES.map(({ code, name }) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Burner">
          <span className="soft w-28">Burner</span>
          {[0, 0.25, 0.5, 0.75, 1].map((burner) => (
            <button
              key={burner}
              className={`btn btn-sm ${answer.setting.burner === burner ? "btn-primary" : ""}`}
              aria-pressed={answer.setting.burner === burner}
              onClick={() => act.mutate({ burner })}
            >
              {burner === 0 ? "off" : `${burner * 100} %`}
            </button>
          ))}
          <button className="btn btn-sm btn-ghost" onClick={() => act.mutate({ pieceGrams: 60 })}>
            Drop a piece of {figures.mass(60)}
          </button>
        </div>
        <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Clock" data-testid="clock">
          <span className="soft w-28">Clock</span>
          {SPEEDS.map((speed) => (
            <button
              key={speed}
              className={`btn btn-sm ${answer.clock.speed === speed ? "btn-primary" : ""}`}
              aria-pressed={answer.clock.speed === speed}
              onClick={() => clock.mutate(speed)}
            >
              {speed} ×
            </button>
          ))}
          {!answer.clock.right && (
            <button className="btn btn-sm btn-ghost" onClick={() => clock.mutate(null)}>
              Set it right
            </button>
          )}
        </div>
      </div>
      {!answer.clock.right && (
        <p className="text-warning pt-3 text-sm" data-testid="practice">
          A practice clock: batches begun now are marked as practice and teach nothing unless they are counted by hand.
        </p>
      )}
      <ErrorText error={act.error ?? clock.error} />
    </main>
  );
}

interface DeviceProps {
  device: DeviceState;
  shown: string;
  onPlug: (inPlace: boolean) => void;
}

function Device({ device, shown, onPlug }: DeviceProps) {
  const { kind, lost } = device;
  const out = device.reading == null;
  return (
    <li className="hairline border-t py-3" data-device={kind} data-lost={lost}>
      <p className="soft flex items-center justify-between">
        {deviceName(kind)}
        <button className="btn btn-xs btn-ghost" onClick={() => onPlug(out)}>
          {out ? "Plug in" : "Pull the plug"}
        </button>
      </p>
      <p className="font-display text-5xl tabular-nums">{shown}</p>
      {out && (
        <p role="status" className="text-error text-sm">
          {lost ? "No line: nothing has come for three seconds." : "It says nothing."}
        </p>
      )}
    </li>
  );
}

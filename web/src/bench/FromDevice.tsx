import { useMutation } from "@tanstack/react-query";
import { api, type DeviceState, taken } from "../api";
import { useFigures } from "../figures";
import { deviceName, reading } from "./log";
import { useDevices } from "./devices";

interface FromDeviceProps {
  kind: DeviceState["kind"];
  /** What is done with what it shows. */
  words: string;
  tares?: boolean;
  onTake: (figure: number) => void;
}

/** What a device shows, live, to be taken by one touch. A lost line is said; nothing is made up. */
export function FromDevice({ kind, words, tares = false, onTake }: FromDeviceProps) {
  const figures = useFigures();
  const device = useDevices().find((each) => each.kind === kind);
  const tare = useMutation({ mutationFn: () => taken(api.POST("/api/devices/tare")) });
  if (!device) {
    return null;
  }
  const { reading: shown } = device;
  return (
    <div className="flex flex-wrap items-center gap-3 pt-2" data-testid={`from-${kind}`}>
      <span className="soft">{deviceName(kind)}</span>
      <span className="font-display min-w-32 text-4xl tabular-nums" data-testid="live">
        {shown == null ? "–" : reading(kind, shown, figures)}
      </span>
      {shown == null ? (
        <span role="status" className="text-error">
          {device.lost ? "no line: plug it in, or type the figure" : "says nothing"}
        </span>
      ) : (
        <button type="button" className="btn h-16 text-lg" onClick={() => onTake(shown)}>
          {words}
        </button>
      )}
      {tares && shown != null && (
        <button type="button" className="btn btn-ghost h-16" onClick={() => tare.mutate()}>
          Tare
        </button>
      )}
    </div>
  );
}

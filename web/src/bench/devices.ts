import { useSyncExternalStore } from "react";
import type { DeviceState } from "../api";

/** What the devices show, as the server tells it again and again; nothing while the line to it is gone. */
let shown: DeviceState[] = [];
let source: EventSource | null = null;
const listeners = new Set<() => void>();
const onBatch = new Set<(id: number | null) => void>();

function tell(states: DeviceState[]) {
  shown = states;
  listeners.forEach((listener) => listener());
}

function open() {
  source = new EventSource("/api/devices/stream");
  source.addEventListener("devices", (event: MessageEvent<string>) => tell(JSON.parse(event.data) as DeviceState[]));
  source.addEventListener("batch", (event: MessageEvent<string>) =>
    onBatch.forEach((listener) => listener(Number(event.data))),
  );
  // The browser tries again by itself; until then no reading is carried on.
  source.addEventListener("error", () => tell(shown.map((state) => ({ ...state, reading: null, lost: true }))));
}

function close() {
  source?.close();
  source = null;
}

/** A browser has six lines to a server, for all its windows together: one that nobody looks at gives its own up. */
function listenWhileSeen() {
  if (listeners.size === 0 || document.visibilityState === "hidden") {
    close();
  } else if (!source) {
    open();
  }
}

function onSeen() {
  listenWhileSeen();
  if (source) {
    // What was noted meanwhile was not heard.
    onBatch.forEach((listener) => listener(null));
  }
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  document.addEventListener("visibilitychange", onSeen);
  listenWhileSeen();
  return () => {
    listeners.delete(listener);
    if (listeners.size === 0) {
      document.removeEventListener("visibilitychange", onSeen);
    }
    listenWhileSeen();
  };
}

/** The devices as they show just now. */
export function useDevices(): DeviceState[] {
  return useSyncExternalStore(subscribe, () => shown);
}

/** Hears of every batch that was noted in, here or in another window, while the devices are listened to; null for any of them. */
export function hearBatches(listener: (id: number | null) => void): () => void {
  onBatch.add(listener);
  return () => void onBatch.delete(listener);
}

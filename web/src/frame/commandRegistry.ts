import { createContext, useContext, useLayoutEffect, useId, useRef } from "react";

/** Something the user can do, from the palette or by its keys. */
export interface Command {
  name: string;
  /** Keys such as "mod+s" (Ctrl or ⌘), "alt+v", "?" or "n"; plain keys do nothing while typing. */
  keys?: string;
  run: () => void;
  enabled?: boolean;
}

export interface Registry {
  register: (owner: string, commands: () => Command[]) => () => void;
}

export const RegistryContext = createContext<Registry>({ register: () => () => undefined });

/** Offers commands while the component is on the page. */
export function useCommands(commands: Command[]): void {
  const { register } = useContext(RegistryContext);
  const owner = useId();
  const current = useRef(commands);
  // Before the page is seen: a key pressed at once finds the commands of what is shown, and not those before it.
  useLayoutEffect(() => {
    current.current = commands;
  });
  useLayoutEffect(() => register(owner, () => current.current), [register, owner]);
}

/** Whether a key press is meant by keys such as "mod+shift+z". */
export function matches(event: KeyboardEvent, keys: string): boolean {
  const parts = keys.split("+");
  const key = parts.at(-1);
  const mod = event.ctrlKey || event.metaKey;
  const plain = parts.length === 1;
  return (
    event.key.toLowerCase() === key &&
    mod === parts.includes("mod") &&
    event.altKey === parts.includes("alt") &&
    (plain || event.shiftKey === parts.includes("shift"))
  );
}

/** Keys as they stand on a keyboard. */
export function written(keys: string): string {
  return keys
    .split("+")
    .map((part) => ({ mod: "Ctrl", alt: "Alt", shift: "Shift" })[part] ?? part.toUpperCase())
    .join(" + ");
}

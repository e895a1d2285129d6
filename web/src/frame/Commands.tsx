import {
  lazy,
  type ReactNode,
  Suspense,
  useCallback,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import { type Command, matches, RegistryContext } from "./commandRegistry";
import { ShortcutsDialog } from "./ShortcutsDialog";

const loadPalette = () => import("./CommandPalette").then(({ CommandPalette }) => ({ default: CommandPalette }));
const CommandPalette = lazy(loadPalette);
const PALETTE_LOADS_AFTER_MS = 1_500;

const isEnabled = ({ enabled }: Command) => enabled !== false;

/** Keeps the commands of what is on the page, runs them by key, and shows the palette and the list of shortcuts. */
export function CommandsProvider({ children }: { children: ReactNode }) {
  const owners = useRef(new Map<string, () => Command[]>());
  const [shown, setShown] = useState<{ what: "palette" | "shortcuts"; commands: Command[] } | null>(null);
  const register = useCallback((owner: string, commands: () => Command[]) => {
    owners.current.set(owner, commands);
    return () => void owners.current.delete(owner);
  }, []);
  const registry = useMemo(() => ({ register }), [register]);
  const all = useCallback((): Command[] => {
    const offered = [...owners.current.values()].flatMap((commands) => commands());
    const own: Command[] = [
      {
        name: "Find a command or formula",
        keys: "mod+k",
        run: () => setShown({ what: "palette", commands: [...offered, ...own].filter(isEnabled) }),
      },
      {
        name: "Keyboard shortcuts",
        keys: "?",
        run: () => setShown({ what: "shortcuts", commands: [...offered, ...own] }),
      },
    ];
    return [...offered, ...own];
  }, []);

  useEffect(() => {
    const timer = setTimeout(() => void loadPalette().catch(() => undefined), PALETTE_LOADS_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);

  useLayoutEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && /^(input|textarea|select)$/i.test(event.target.tagName);
      const command = all().find(
        (each) =>
          each.keys !== undefined &&
          isEnabled(each) &&
          matches(event, each.keys) &&
          !(typing && !each.keys.includes("+")),
      );
      const modal = shown !== null || document.querySelector("dialog[open]") !== null;
      if (command && !modal) {
        event.preventDefault();
        command.run();
      }
    };
    document.addEventListener("keydown", pressed);
    return () => document.removeEventListener("keydown", pressed);
  }, [all, shown]);

  const close = () => setShown(null);
  return (
    <RegistryContext value={registry}>
      {children}
      {shown?.what === "palette" && (
        <Suspense>
          <CommandPalette commands={shown.commands} onClose={close} />
        </Suspense>
      )}
      {shown?.what === "shortcuts" && <ShortcutsDialog commands={shown.commands} onClose={close} />}
    </RegistryContext>
  );
}

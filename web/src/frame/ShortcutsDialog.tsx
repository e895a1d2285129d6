import { Dialog } from "../parts";
import { type Command, written } from "./commandRegistry";

const IN_A_LINE: [string, string][] = [
  ["Enter", "Next line, or a new one after the last"],
  ["Alt + ↑ / ↓", "Move the line"],
  ["Alt + D", "Duplicate the line"],
  ["Alt + Backspace", "Remove the line"],
  ["↑ / ↓ on a block of the beam", "1 g more or less (10 g with Shift)"],
];

/** The list of shortcuts that work where one is. */
export function ShortcutsDialog({ commands, onClose }: { commands: Command[]; onClose: () => void }) {
  const keyed = commands.flatMap(({ name, keys }) => (keys ? [[written(keys), name] as const] : []));
  const inEditor = commands.some(({ name }) => name === "Undo");
  return (
    <Dialog title="Keyboard" onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2 text-sm">
        {[...keyed, ...(inEditor ? IN_A_LINE : [])].map(([keys, name]) => (
          <div key={keys + name} className="contents">
            <dt>
              <kbd className="kbd kbd-sm whitespace-nowrap">{keys}</kbd>
            </dt>
            <dd>{name}</dd>
          </div>
        ))}
      </dl>
      <div className="flex justify-end pt-5">
        <button className="btn btn-ghost" onClick={onClose}>
          Close
        </button>
      </div>
    </Dialog>
  );
}

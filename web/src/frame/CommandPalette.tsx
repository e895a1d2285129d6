import { useQuery } from "@tanstack/react-query";
import { Command as Palette } from "cmdk";
import { formulasQuery } from "../api";
import { Dialog } from "../parts";
import { type Command, written } from "./commandRegistry";

const ITEM =
  "flex cursor-pointer items-center justify-between gap-4 rounded-md px-3 py-2 data-[selected=true]:bg-base-300";
const GROUP = "[&_[cmdk-group-heading]]:soft [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:text-xs";

/** Finds a command or a formula by a few letters. */
export function CommandPalette({ commands, onClose }: { commands: Command[]; onClose: () => void }) {
  const formulas = useQuery(formulasQuery).data ?? [];
  const run = (act: () => void) => () => {
    onClose();
    setTimeout(act);
  };
  return (
    <Dialog title="What would you like to do?" onClose={onClose}>
      <Palette label="Commands">
        <Palette.Input autoFocus className="quiet-field framed" placeholder="save, undo, pumpkin…" />
        <Palette.List className="mt-2 max-h-[50vh] overflow-y-auto">
          <Palette.Empty className="soft px-3 py-4">Nothing by that name.</Palette.Empty>
          <Palette.Group heading="Do" className={GROUP}>
            {commands.map(({ name, keys, run: act }) => (
              <Palette.Item key={name} value={name} className={ITEM} onSelect={run(act)}>
                {name}
                {keys && <kbd className="soft text-xs">{written(keys)}</kbd>}
              </Palette.Item>
            ))}
          </Palette.Group>
          <Palette.Group heading="Open" className={GROUP}>
            {formulas.map(({ id, name, styleName }) => (
              <Palette.Item
                key={id}
                value={`${name} ${styleName} ${id}`}
                className={ITEM}
                onSelect={run(() => window.location.assign(`/formulas/${id}/balance`))}
              >
                <span className="font-display">{name}</span>
                <span className="soft text-xs">{styleName}</span>
              </Palette.Item>
            ))}
          </Palette.Group>
        </Palette.List>
      </Palette>
    </Dialog>
  );
}

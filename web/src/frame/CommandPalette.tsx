import { useInfiniteQuery } from "@tanstack/react-query";
import { Command as Palette } from "cmdk";
import { useState } from "react";
import { useNavigate } from "react-router";
import { formulasQuery } from "../api";
import { Dialog, useQuiet } from "../parts";
import { type Command, written } from "./commandRegistry";

const ITEM =
  "flex cursor-pointer items-center justify-between gap-4 rounded-md px-3 py-2 data-[selected=true]:bg-base-300";
const GROUP =
  "[&_[cmdk-group-heading]]:soft [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:text-xs";

/** Whether all words of a search stand in a command's or formula's name. */
function allWords(value: string, search: string): number {
  const words = search.toLowerCase().split(/\s+/);
  return words.every((word) => value.toLowerCase().includes(word)) ? 1 : 0;
}

/** Finds a command or a formula by a few letters. */
export function CommandPalette({ commands, onClose }: { commands: Command[]; onClose: () => void }) {
  const navigate = useNavigate();
  const [search, setSearch] = useState("");
  const found = useInfiniteQuery(formulasQuery({ search: useQuiet(search.trim()), limit: 20 }));
  const formulas = found.data?.pages[0]?.rows ?? [];
  const run = (act: () => void) => () => {
    onClose();
    setTimeout(act);
  };
  return (
    <Dialog title="What would you like to do?" onClose={onClose}>
      <Palette label="Commands" filter={allWords}>
        <Palette.Input
          value={search}
          onValueChange={setSearch}
          data-autofocus
          className="quiet-field framed"
          placeholder="save, undo, pumpkin…"
        />
        <Palette.List className="mt-2 max-h-[50vh] overflow-y-auto">
          <Palette.Empty className="soft px-3 py-4">No match.</Palette.Empty>
          <Palette.Group heading="Do" className={GROUP}>
            {commands.map(({ name, keys, run: act }) => (
              <Palette.Item key={name} value={name} className={ITEM} onSelect={run(act)}>
                {name}
                {keys && <kbd className="soft text-xs">{written(keys)}</kbd>}
              </Palette.Item>
            ))}
          </Palette.Group>
          <Palette.Group heading="Open" className={GROUP}>
            {formulas.map(({ id, name, figures }) => (
              <Palette.Item
                key={id}
                value={`${name} ${figures?.styleName ?? ""} ${[...(figures?.makeup.flours ?? []), ...(figures?.makeup.inclusions ?? [])].map((share) => share.name).join(" ")} ${id}`}
                className={ITEM}
                onSelect={run(() => void navigate(`/formulas/${id}/balance`))}
              >
                <span className="font-display">{name}</span>
                <span className="soft text-xs">{figures?.styleName}</span>
              </Palette.Item>
            ))}
          </Palette.Group>
        </Palette.List>
      </Palette>
    </Dialog>
  );
}

import { useQuery } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { NavLink, useNavigate } from "react-router";
import { runningQuery } from "../api";
import { useCommands } from "../frame";
import { benchStepName } from "../words";
import { clockText } from "./clock";

/** The batches that are made at the same time, with what happens next in each: switched by one key. */
export function BatchTabs({ shown }: { shown: number }) {
  const navigate = useNavigate();
  const running = useQuery(runningQuery);
  const batches = running.data?.batches ?? [];
  useCommands(
    batches.map(({ batch, name }, index) => ({
      name: `Batch ${index + 1}: ${name}`,
      keys: String(index + 1),
      run: () => void navigate(`/bench/${batch.id}`),
    })),
  );
  return (
    <nav aria-label="Batches" className="bg-base-200 flex items-stretch gap-1 px-4" data-testid="batch-tabs">
      {batches.map(({ batch, name, step, next, timer }, index) => (
        <NavLink
          key={batch.id}
          to={`/bench/${batch.id}`}
          className={({ isActive }) =>
            `flex min-h-16 max-w-72 min-w-40 flex-1 flex-col justify-center rounded-t-md px-3 ${isActive ? "bg-base-100 font-semibold" : "soft"}`
          }
        >
          <span className="truncate">
            <kbd className="pr-1">{index + 1}</kbd> {name}
          </span>
          <span className="truncate text-sm font-normal">
            {step ? benchStepName(step) : "all done"}
            {next && ` · ${timer ? `${timer} ` : ""}${clockText((Date.parse(next) - shown) / 1000)}`}
          </span>
        </NavLink>
      ))}
      <NavLink to="/bench/devices" className="soft ml-auto flex min-h-16 items-center px-3">
        Devices
      </NavLink>
      <NavLink to="/bench" end className="soft flex min-h-16 items-center gap-1 px-3" aria-label="Begin another batch">
        <Plus size={20} aria-hidden />
      </NavLink>
    </nav>
  );
}

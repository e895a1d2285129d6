import { NavLink, useMatch, useNavigate } from "react-router";
import { useCommands } from "./commandRegistry";
import { STATIONS } from "./stations";

const tab = ({ isActive }: { isActive: boolean }) =>
  `-mb-px flex h-8 items-center rounded-t-md border px-3 text-sm ${
    isActive
      ? "bg-base-100 border-base-300 border-b-base-100 font-semibold"
      : "soft border-transparent hover:text-base-content hover:bg-base-100/60"
  }`;

/** The stations of the formula at hand, in the order of the work. */
export function StationTabs() {
  const navigate = useNavigate();
  const formula = useMatch("/formulas/:id/*")?.params.id;
  useCommands(
    STATIONS.map(({ path, name, keys }) => ({
      name: `To ${name}`,
      keys,
      run: () => void navigate(`/formulas/${formula}/${path}`),
      enabled: formula !== undefined,
    })),
  );
  return (
    <nav aria-label="Stations of the formula" className="flex items-end gap-0.5 print:hidden">
      {STATIONS.map(({ path, name, question }) => (
        <NavLink key={path} to={`/formulas/${formula}/${path}`} className={tab} title={question}>
          {name}
        </NavLink>
      ))}
    </nav>
  );
}

/** Name of the station in the address; absent outside a formula. */
export function useStationName(): string | undefined {
  const path = useMatch("/formulas/:id/:station")?.params.station;
  return STATIONS.find((station) => station.path === path)?.name;
}

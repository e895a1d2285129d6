import { CircleHelp, Hand, Moon, Search, Settings2, Sun } from "lucide-react";
import { NavLink, Outlet, useMatch, useNavigate } from "react-router";
import { MaterialPatterns } from "../parts";
import { useCommands } from "./commandRegistry";
import { CommandsProvider } from "./Commands";
import { Mark } from "./Mark";
import { STATIONS } from "./stations";
import { useTheme } from "./theme";

const TAB = "flex h-full items-center border-b-[3px] px-3 text-sm";
const tab = ({ isActive }: { isActive: boolean }) =>
  `${TAB} ${isActive ? "border-primary font-semibold" : "soft border-transparent hover:text-base-content"}`;

const press = (key: string, ctrlKey: boolean) =>
  document.dispatchEvent(new KeyboardEvent("keydown", { key, ctrlKey, bubbles: true }));

/** The frame around every page, with its commands. */
export function Frame() {
  return (
    <CommandsProvider>
      <Shelf />
      <div id="content">
        <Outlet />
      </div>
    </CommandsProvider>
  );
}

/** The shelf of places, the stations of the open formula, search, kitchen, theme and help. */
function Shelf() {
  const { theme, toggle } = useTheme();
  const navigate = useNavigate();
  const formula = useMatch("/formulas/:id/*")?.params.id;
  useCommands([
    { name: "To the formulas", keys: "alt+f", run: () => void navigate("/formulas") },
    ...STATIONS.map(({ path, name, keys }) => ({
      name: `To ${name}`,
      keys,
      run: () => void navigate(`/formulas/${formula}/${path}`),
      enabled: formula !== undefined,
    })),
    { name: "To the pantry", keys: "alt+g", run: () => void navigate("/pantry") },
    { name: "The feel guide and its drill", keys: "alt+u", run: () => void navigate("/guide") },
    { name: "How it is computed", run: () => void navigate("/model") },
    { name: "Kitchen settings", run: () => void navigate("/kitchen") },
    { name: theme === "oven" ? "Light theme: the bench" : "Dark theme: the oven", keys: "alt+t", run: toggle },
  ]);

  return (
    <>
      <MaterialPatterns />
      <a href="#content" className="btn btn-primary btn-sm absolute top-2 left-2 z-50 -translate-y-20 focus:translate-y-0">
        Skip to the content
      </a>
      <nav aria-label="Main" className="bg-base-200 hairline sticky top-0 z-40 flex h-12 items-center border-b px-4">
        <NavLink to="/formulas" end className="font-display flex items-center gap-2 pr-4 text-xl" aria-label="Verdamen">
          <Mark /> <span className="max-lg:hidden">Verdamen</span>
        </NavLink>
        <NavLink to="/formulas" end className={tab}>
          Formulas
        </NavLink>
        <NavLink to="/pantry" className={tab}>
          Pantry
        </NavLink>
        {formula && (
          <>
            <span aria-hidden className="bg-base-300 mx-2 h-5 w-px" />
            {STATIONS.map(({ path, name, question }) => (
              <NavLink key={path} to={`/formulas/${formula}/${path}`} className={tab} title={question}>
                {name}
              </NavLink>
            ))}
          </>
        )}
        <span className="flex-1" />
        <NavLink to="/guide" className="btn btn-ghost btn-sm btn-square" aria-label="Feel guide" title="Feel guide (Alt+U)">
          <Hand size={18} aria-hidden />
        </NavLink>
        <button
          className="soft hairline bg-base-100 hover:text-base-content mr-2 flex h-7 items-center gap-2 rounded-full border px-3 text-xs"
          onClick={() => press("k", true)}
        >
          <Search size={13} aria-hidden /> Find or do <kbd>Ctrl K</kbd>
        </button>
        <NavLink to="/kitchen" className="btn btn-ghost btn-sm btn-square" aria-label="Kitchen settings" title="Kitchen">
          <Settings2 size={18} aria-hidden />
        </NavLink>
        <button
          className="btn btn-ghost btn-sm btn-square"
          aria-label={theme === "oven" ? "Light theme" : "Dark theme"}
          title="Theme (Alt+T)"
          onClick={toggle}
        >
          {theme === "oven" ? <Sun size={18} aria-hidden /> : <Moon size={18} aria-hidden />}
        </button>
        <button
          className="btn btn-ghost btn-sm btn-square"
          aria-label="Keyboard shortcuts"
          title="Shortcuts (?)"
          onClick={() => press("?", false)}
        >
          <CircleHelp size={18} aria-hidden />
        </button>
      </nav>
    </>
  );
}

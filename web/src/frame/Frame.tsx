import { CircleHelp, Hand, Moon, Search, Settings2, Sun } from "lucide-react";
import { NavLink, Outlet, useNavigate } from "react-router";
import { MaterialPatterns, IconButton } from "../parts";
import { useCommands } from "./commandRegistry";
import { CommandsProvider } from "./Commands";
import { Mark } from "./Mark";
import { useTheme } from "./theme";

const place = ({ isActive }: { isActive: boolean }) =>
  `rounded-full px-3 py-1 text-sm ${isActive ? "bg-base-300 font-semibold" : "soft hover:text-base-content"}`;

const press = (key: string, ctrlKey: boolean) =>
  document.dispatchEvent(new KeyboardEvent("keydown", { key, ctrlKey, bubbles: true }));

/** The frame around every page: what belongs to the kitchen, and its commands. A formula has its own bar below. */
export function Frame() {
  return (
    <CommandsProvider>
      <KitchenBar />
      <div id="content">
        <Outlet />
      </div>
    </CommandsProvider>
  );
}

/** The bar of the kitchen: its places, search, settings, theme and help. */
function KitchenBar() {
  const { theme, toggle } = useTheme();
  const navigate = useNavigate();
  useCommands([
    { name: "Formulas", keys: "alt+f", run: () => void navigate("/formulas") },
    { name: "To the plan", keys: "alt+a", run: () => void navigate("/plan") },
    { name: "To the bench", keys: "alt+k", run: () => void navigate("/bench") },
    { name: "To the notebook", keys: "alt+l", run: () => void navigate("/notebook") },
    { name: "To the pantry", keys: "alt+g", run: () => void navigate("/pantry") },
    { name: "The feel guide and its drill", keys: "alt+u", run: () => void navigate("/guide") },
    { name: "How it is computed", run: () => void navigate("/model") },
    { name: "Kitchen settings", run: () => void navigate("/kitchen") },
    { name: theme === "night" ? "Light theme" : "Dark theme", keys: "alt+t", run: toggle },
  ]);

  return (
    <>
      <MaterialPatterns />
      <a
        href="#content"
        className="btn btn-primary btn-sm absolute top-2 left-2 z-50 -translate-y-20 focus:translate-y-0"
      >
        Skip to the content
      </a>
      <nav aria-label="Kitchen" className="bg-base-200 flex print:hidden h-11 items-center px-4">
        <NavLink
          to="/formulas"
          end
          className="font-display flex items-center gap-2 pr-4 text-xl"
          aria-label="Verdamen"
          aria-current={false}
        >
          <Mark /> <span>Verdamen</span>
        </NavLink>
        <NavLink to="/formulas" end className={place}>
          Formulas
        </NavLink>
        <NavLink to="/plan" className={place}>
          Plan
        </NavLink>
        <NavLink to="/bench" className={place}>
          Bench
        </NavLink>
        <NavLink to="/notebook" className={place}>
          Notebook
        </NavLink>
        <NavLink to="/pantry" className={place}>
          Pantry
        </NavLink>
        <span className="flex-1" />
        <NavLink
          to="/guide"
          className="btn btn-ghost btn-sm btn-square"
          aria-label="Feel guide"
          title="Feel guide (Alt+U)"
        >
          <Hand size={18} aria-hidden />
        </NavLink>
        <button
          className="soft hairline bg-base-100 hover:text-base-content mr-2 flex h-7 items-center gap-2 rounded-full border px-3 text-xs"
          onClick={() => press("k", true)}
        >
          <Search size={13} aria-hidden /> Find or do <kbd>Ctrl K</kbd>
        </button>
        <NavLink
          to="/kitchen"
          className="btn btn-ghost btn-sm btn-square"
          aria-label="Kitchen settings"
          title="Kitchen"
        >
          <Settings2 size={18} aria-hidden />
        </NavLink>
        <IconButton
          large
          label={theme === "night" ? "Light theme" : "Dark theme"}
          title="Theme (Alt+T)"
          onClick={toggle}
        >
          {theme === "night" ? <Sun size={18} aria-hidden /> : <Moon size={18} aria-hidden />}
        </IconButton>
        <IconButton large label="Keyboard shortcuts" title="Shortcuts (?)" onClick={() => press("?", false)}>
          <CircleHelp size={18} aria-hidden />
        </IconButton>
      </nav>
    </>
  );
}

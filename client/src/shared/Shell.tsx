import type { ComponentType, ReactNode } from "react";
import { NavLink, useNavigate, useParams } from "react-router";
import { useHealth } from "../api/queries";
import { useFind } from "../find/useFind";
import { Mark, SpillIcon } from "./icons";
import { useShortcuts } from "./shortcuts";
import { ThingsOut } from "./ThingsOut";
import { useTheme } from "./theme";

/** A place of a car: where it stands, what it shows, and how one gets there. */
export type Place = {
  /** Its address below that of the car. */
  path: string;
  /** What may follow in the address, such as the tab that is open. */
  part?: string;
  Page: ComponentType;
  /** Its line in the rail, with the key that leads there; none for a place one comes to from another. */
  rail?: { name: string; key: string; Icon: ComponentType };
};

/** What one goes to now and then, beside the places. */
const MORE = [
  { path: "methods", name: "Techniques" },
  { path: "look", name: "Quick check" },
  { path: "settings", name: "Settings" },
];

/** The frame of every place: the rail of places, and a word when the server is lost. */
export function Shell({ places, children }: { places: Place[]; children: ReactNode }) {
  const rail = places.flatMap(({ path, rail }) => (rail ? [{ path, ...rail }] : []));
  const { vehicleId = "" } = useParams();
  const navigate = useNavigate();
  const { theme, choose } = useTheme();
  const { sheet, find } = useFind(vehicleId);
  const turn = () => choose(theme === "dark" ? "light" : "dark");
  useShortcuts([
    ...rail.map((place) => ({
      keys: place.key,
      label: `Go to ${place.name}`,
      run: () => navigate(`/cars/${vehicleId}/${place.path}`),
    })),
    { keys: "n", label: "Day or night mode", run: turn },
    {
      keys: "!",
      label: "Something spilled: first aid",
      run: () => navigate(`/cars/${vehicleId}/spill`),
    },
  ]);

  return (
    <div className="flex min-h-dvh flex-col-reverse desk:grid desk:grid-cols-[76px_minmax(0,1fr)] print:block">
      <nav
        aria-label="Places"
        className="no-print sticky bottom-0 z-20 flex h-18 border-t border-hairline bg-deep desk:top-0 desk:h-dvh desk:flex-col desk:border-t-0 desk:border-r desk:py-3.5"
      >
        <div className="mb-3.5 hidden h-12 place-items-center desk:grid">
          <Mark />
        </div>
        {rail.map(({ path, name, Icon }) => (
          <NavLink
            key={path}
            to={`/cars/${vehicleId}/${path}`}
            className={({ isActive }) =>
              `relative flex flex-1 flex-col items-center gap-1 py-2.5 text-13 leading-tight desk:flex-none ${
                isActive
                  ? "font-bold text-ink before:absolute before:inset-x-0 before:top-0 before:h-[3px] before:bg-ink desk:before:inset-x-auto desk:before:top-3 desk:before:bottom-2.5 desk:before:left-0 desk:before:h-auto desk:before:w-[3px]"
                  : "text-soft hover:text-ink"
              }`
            }
          >
            <Icon />
            {name}
          </NavLink>
        ))}
        <div className="mt-3 hidden text-center text-12 leading-tight desk:block">
          <button
            type="button"
            className="min-h-9 w-full text-soft hover:text-ink"
            aria-keyshortcuts="/"
            onClick={find}
          >
            Find
          </button>
          {MORE.map(({ path, name }) => (
            <NavLink
              key={path}
              to={`/cars/${vehicleId}/${path}`}
              className={({ isActive }) =>
                `grid min-h-9 place-items-center ${isActive ? "font-bold text-ink" : "text-soft hover:text-ink"}`
              }
            >
              {name}
            </NavLink>
          ))}
        </div>
        <NavLink
          to={`/cars/${vehicleId}/spill`}
          className="flex flex-1 flex-col items-center gap-1 py-2.5 text-13 leading-tight text-coral desk:mt-auto desk:flex-none"
        >
          <SpillIcon />
          Spill
        </NavLink>
        <div className="mt-3 hidden px-1.5 text-center text-12 leading-tight text-soft desk:block">
          <button type="button" onClick={turn} className="mb-3 min-h-11 w-full hover:text-ink">
            {theme === "dark" ? "Day mode" : "Night mode"}
          </button>
        </div>
      </nav>
      <div className="flex min-w-0 flex-1 flex-col">
        <LostServer />
        <ThingsOut vehicleId={vehicleId} />
        {children}
        <div className="no-print flex flex-wrap justify-center gap-x-6 border-t border-hairline bg-deep px-4 text-16 desk:hidden">
          <button type="button" className="lnk min-h-11" onClick={find}>
            Find
          </button>
          {MORE.map(({ path, name }) => (
            <NavLink
              key={path}
              to={`/cars/${vehicleId}/${path}`}
              className="lnk flex min-h-11 items-center"
            >
              {name}
            </NavLink>
          ))}
          <button type="button" className="lnk min-h-11" onClick={turn}>
            {theme === "dark" ? "Day mode" : "Night mode"}
          </button>
        </div>
      </div>
      {sheet}
    </div>
  );
}

/** Asks now and then whether the server is there, and says so when it is not. */
export function LostServer() {
  const health = useHealth();
  return health.isError ? (
    <p role="alert" className="border-b border-coral bg-coral-wash px-6 py-2 text-16 text-coral">
      <b>Cove cannot be reached.</b> What you see may be out of date, and nothing can be changed
      until it can.
    </p>
  ) : null;
}

import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { NavLink, useNavigate, useParams } from "react-router";
import { api, ask } from "../api/client";
import { CabinIcon, CarIcon, GlassIcon, LogIcon, Mark, ShelfIcon, TodayIcon } from "./icons";
import { useShortcuts } from "./shortcuts";
import { useTheme } from "./theme";

const PLACES = [
  { path: "today", name: "Today", key: "1", Icon: TodayIcon },
  { path: "cabin", name: "Cabin", key: "2", Icon: CabinIcon },
  { path: "shelf", name: "Shelf", key: "3", Icon: ShelfIcon },
  { path: "glass", name: "Glass", key: "4", Icon: GlassIcon },
  { path: "log", name: "Log", key: "5", Icon: LogIcon },
  { path: "car", name: "Car", key: "6", Icon: CarIcon },
];

/** The frame of every place: the rail of places, and a word when the server is lost. */
export function Shell({ children }: { children: ReactNode }) {
  const { vehicleId } = useParams();
  const navigate = useNavigate();
  const [theme, setTheme] = useTheme();
  const turn = () => setTheme(theme === "dark" ? "light" : "dark");
  useShortcuts([
    ...PLACES.map((place) => ({
      keys: place.key,
      label: `Go to ${place.name}`,
      run: () => navigate(`/cars/${vehicleId}/${place.path}`),
    })),
    { keys: "n", label: "Day or night chart", run: turn },
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
        {PLACES.map(({ path, name, Icon }) => (
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
        <div className="mt-auto hidden px-1.5 text-center text-12 leading-tight text-soft desk:block">
          <button type="button" onClick={turn} className="mb-3 min-h-11 w-full hover:text-ink">
            {theme === "dark" ? "Day chart" : "Night chart"}
          </button>
          <p>
            Kept on
            <br />
            this device
          </p>
        </div>
      </nav>
      <div className="flex min-w-0 flex-1 flex-col">
        <LostServer />
        {children}
      </div>
    </div>
  );
}

/** Asks now and then whether the server is there, and says so when it is not. */
export function LostServer() {
  const health = useQuery({
    queryKey: ["health"],
    queryFn: ({ signal }) => ask(api.GET("/api/health", { signal })),
    refetchInterval: 5000,
    retry: false,
  });
  return health.isError ? (
    <p role="alert" className="border-b border-coral bg-coral-wash px-6 py-2 text-16 text-coral">
      <b>The server does not answer.</b> What you see may be out of date; nothing can be saved until
      it is back.
    </p>
  ) : null;
}

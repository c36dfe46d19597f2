import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useSyncExternalStore } from "react";
import { BrowserRouter, Navigate, Outlet, Route, Routes, useParams } from "react-router";
import { Problem } from "./api/client";
import { keys } from "./api/keys";
import { readAgainOnReturn } from "./api/onReturn";
import { useVehicles } from "./api/queries";
import { refresh } from "./api/refresh";
import { PLACES } from "./places";
import { outbox } from "./run/offline";
import { useSettings } from "./settings/useSettings";
import { ChartPatterns } from "./shared/chart";
import { keep, kept } from "./shared/kept";
import { PartMissing } from "./shared/PartMissing";
import { loadSheet } from "./shared/Sheet";
import { Shell } from "./shared/Shell";
import { Empty, Failed, Loading } from "./shared/States";
import { settings, subscribeSettings } from "./shared/settings";
import { ShortcutProvider } from "./shared/shortcuts";
import "./shared/theme";

const loadRun = () => import("./run/RunPage");
const RunPage = lazy(async () => ({ default: (await loadRun()).RunPage }));
const LookPage = lazy(async () => ({ default: (await import("./look/LookPage")).LookPage }));
const SpotPage = lazy(async () => ({ default: (await import("./spots/SpotPage")).SpotPage }));
const VehiclesPage = lazy(async () => ({
  default: (await import("./car/VehiclesPage")).VehiclesPage,
}));
const WelcomePage = lazy(async () => ({
  default: (await import("./welcome/WelcomePage")).WelcomePage,
}));

const LAST_VEHICLE = "cove.vehicle";

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // What the server has refused it will refuse again; only a lost server is worth a second try.
      retry: (failures, error) =>
        error instanceof Problem && error.isLostServer && !error.tookLong && failures < 2,
      retryDelay: 600,
      networkMode: "always",
      staleTime: 2000,
    },
    mutations: { networkMode: "always" },
  },
});

// Answers of a run that waited on this device go out as soon as Cove can be reached, whatever is on the screen.
outbox.onTaken((run) => {
  queries.setQueryData(keys.run(run.id), run);
  void refresh(queries, keys.car(run.vehicleId));
});
window.addEventListener("online", () => void outbox.flush());

// What could not be read while Cove was away is read again once it is back, without anybody asking.
readAgainOnReturn(queries);

// A run must never wait for anything, nor must a dialog: they are on the device before they are wanted.
window.addEventListener("load", () =>
  window.setTimeout(() => void Promise.all([loadRun(), loadSheet()]).catch(() => {}), 300),
);

export function App() {
  // What is on the screen is written anew when the owner reads quantities otherwise.
  useSyncExternalStore(subscribeSettings, settings);
  return (
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <ShortcutProvider>
          <ChartPatterns />
          <OwnSettings />
          <PartMissing>
            <Suspense fallback={<Opening />}>
              <Routes>
                <Route path="/" element={<Home />} />
                <Route path="/welcome" element={<WelcomePage />} />
                <Route path="/cars/:vehicleId" element={<Car />}>
                  <Route index element={<Navigate to="today" replace />} />
                  {PLACES.map(({ path, part, Page }) => (
                    <Route key={path} path={part ? `${path}/${part}?` : path} element={<Page />} />
                  ))}
                </Route>
                <Route path="/cars/:vehicleId/look" element={<LookPage />} />
                <Route path="/cars/:vehicleId/spots/:surfaceId/:event" element={<SpotPage />} />
                <Route path="/vehicles" element={<VehiclesPage />} />
                <Route path="/runs/:runId" element={<RunPage />} />
                <Route path="*" element={<Nowhere />} />
              </Routes>
            </Suspense>
          </PartMissing>
        </ShortcutProvider>
      </BrowserRouter>
    </QueryClientProvider>
  );
}

function OwnSettings() {
  useSettings();
  return null;
}

/** Goes to the vehicle last looked at; to the welcome where there is none. */
function Home() {
  const vehicles = useVehicles();
  if (vehicles.isError) {
    return (
      <div className="flex min-h-dvh">
        <Failed error={vehicles.error} again={() => vehicles.refetch()} />
      </div>
    );
  }
  if (!vehicles.data) {
    return <Opening />;
  }
  const inUse = vehicles.data.filter((car) => !car.archived);
  const last = inUse.find((car) => car.id === kept(LAST_VEHICLE));
  const vehicle = last ?? inUse[0];
  const nowhere = vehicles.data.length > 0 ? "/vehicles" : "/welcome";
  return <Navigate to={vehicle ? `/cars/${vehicle.id}/today` : nowhere} replace />;
}

function Opening() {
  return (
    <div className="flex min-h-dvh">
      <Loading what="Loading Cove" />
    </div>
  );
}

function Car() {
  const { vehicleId = "" } = useParams();
  useEffect(() => keep(LAST_VEHICLE, vehicleId), [vehicleId]);
  return (
    <Shell places={PLACES}>
      <Suspense fallback={<Loading what="Loading" />}>
        <Outlet />
      </Suspense>
    </Shell>
  );
}

function Nowhere() {
  return (
    <main className="flex min-h-dvh">
      <Empty title="Off the chart">
        <p>There is nothing at this address.</p>
        <p className="mt-6">
          <a className="act2 text-ink" href="/">
            Back to your car
          </a>
        </p>
      </Empty>
    </main>
  );
}

import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy, Suspense, useEffect } from "react";
import { BrowserRouter, Navigate, Outlet, Route, Routes, useParams } from "react-router";
import { Problem } from "./api/client";
import { useVehicles } from "./api/queries";
import { LookPage } from "./look/LookPage";
import { PLACES } from "./places";
import { RunPage } from "./run/RunPage";
import { ChartPatterns } from "./shared/chart";
import { keep, kept } from "./shared/kept";
import { Shell } from "./shared/Shell";
import { Empty, Failed, Loading } from "./shared/States";
import { ShortcutProvider } from "./shared/shortcuts";
import { useTheme } from "./shared/theme";
import { SpotPage } from "./spots/SpotPage";

// What is seldom opened is loaded when it is; a run must never wait for anything.
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
      retry: (failures, error) => error instanceof Problem && error.isLostServer && failures < 2,
      retryDelay: 600,
      networkMode: "always",
      staleTime: 2000,
    },
    mutations: { networkMode: "always" },
  },
});

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <ShortcutProvider>
          <ChartPatterns />
          <Theme />
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
        </ShortcutProvider>
      </BrowserRouter>
    </QueryClientProvider>
  );
}

function Theme() {
  useTheme();
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
      <Loading what="Opening Cove" />
    </div>
  );
}

function Car() {
  const { vehicleId = "" } = useParams();
  useEffect(() => keep(LAST_VEHICLE, vehicleId), [vehicleId]);
  return (
    <Shell places={PLACES}>
      <Suspense fallback={<Loading what="Opening" />}>
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

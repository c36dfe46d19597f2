import { lazy } from "react";
import {
  CabinIcon,
  CarIcon,
  GlassIcon,
  LogIcon,
  ShelfIcon,
  TodayIcon,
  YearIcon,
} from "./shared/icons";
import type { Place } from "./shared/Shell";
import { TodayPage } from "./today/TodayPage";

// Today is there at once; the rest is loaded when it is opened, or when nothing else is to be done.
const CabinPage = lazy(async () => ({ default: (await import("./cabin/CabinPage")).CabinPage }));
const LogPage = lazy(async () => ({ default: (await import("./log/LogPage")).LogPage }));
const CarPage = lazy(async () => ({ default: (await import("./car/CarPage")).CarPage }));
const GlassPage = lazy(async () => ({ default: (await import("./glass/GlassPage")).GlassPage }));
const ShelfPage = lazy(async () => ({ default: (await import("./shelf/ShelfPage")).ShelfPage }));
const SpillPage = lazy(async () => ({ default: (await import("./spots/SpillPage")).SpillPage }));
const SettingsPage = lazy(async () => ({
  default: (await import("./settings/SettingsPage")).SettingsPage,
}));
const YearPage = lazy(async () => ({ default: (await import("./year/YearPage")).YearPage }));
const TechniquesPage = lazy(async () => ({
  default: (await import("./methods/TechniquesPage")).TechniquesPage,
}));

/** Every place of a car, in the order of the rail. */
export const PLACES: Place[] = [
  {
    path: "today",
    part: ":sheet",
    Page: TodayPage,
    rail: { name: "Today", key: "1", Icon: TodayIcon },
  },
  { path: "cabin", Page: CabinPage, rail: { name: "Cabin", key: "2", Icon: CabinIcon } },
  {
    path: "shelf",
    part: ":tab",
    Page: ShelfPage,
    rail: { name: "Shelf", key: "3", Icon: ShelfIcon },
  },
  { path: "glass", Page: GlassPage, rail: { name: "Glass", key: "4", Icon: GlassIcon } },
  {
    path: "year",
    part: ":sheet",
    Page: YearPage,
    rail: { name: "Year", key: "5", Icon: YearIcon },
  },
  { path: "log", part: ":sheet", Page: LogPage, rail: { name: "Log", key: "6", Icon: LogIcon } },
  { path: "car", part: ":tab", Page: CarPage, rail: { name: "Car", key: "7", Icon: CarIcon } },
  { path: "methods", part: ":taskId", Page: TechniquesPage },
  { path: "spill", Page: SpillPage },
  { path: "settings", Page: SettingsPage },
];

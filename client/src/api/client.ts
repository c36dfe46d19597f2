import createClient from "openapi-fetch";
import { isFromCove, StrangerAnswered, sendOnce } from "./resend";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];
export type Today = Schemas["TodayView"];
export type Place = Required<Schemas["PlaceDocument"]>;
export type PlannedStep = Schemas["PlannedStepView"];
export type Cabin = Schemas["CabinView"];
export type SurfaceOnChart = Schemas["SurfaceOnChartView"];
export type Surface = Schemas["SurfaceView"];
export type SurfaceTask = Schemas["SurfaceTaskView"];
export type Run = Schemas["RunView"];
export type RunStep = Schemas["RunStepView"];
export type RunEventKind = Schemas["RunEventKind"];
export type LogEntry = Schemas["LogEntryView"];
export type NewVehicle = Schemas["NewVehicle"];
export type Choices = Schemas["BuilderChoices"];
export type Layout = Schemas["CabinLayout"];
export type Use = Required<Schemas["UseDocument"]>;
export type VehicleDetail = Schemas["VehicleDetailView"];
export type SurfaceRecord = Schemas["SurfaceRecordView"];
export type Inspection = Schemas["InspectionView"];
export type Moves = Schemas["MovesView"];
export type Spots = Schemas["SpotsView"];
export type Spot = Schemas["SpotView"];
export type Closure = Schemas["ClosureView"];
export type Shelf = Schemas["ShelfView"];
export type Product = Schemas["ProductView"];
export type ProductDetails = Required<Schemas["ProductDocument"]>;
export type BottleDetails = Schemas["BottleDocument"];
export type ShelfChoices = Schemas["ShelfChoices"];
export type Matrix = Schemas["MatrixView"];
export type Answer = Schemas["AnswerView"];
export type Judgement = Schemas["JudgementView"];
export type UsedProduct = Schemas["UsedProductView"];
export type Lack = Schemas["LackView"];
export type Label = Schemas["LabelView"];
export type Mixture = Schemas["MixtureView"];
export type Method = Schemas["MethodView"];
export type MethodStep = Schemas["MethodStepView"];
export type Technique = Schemas["TechniqueView"];
export type Glass = Schemas["GlassView"];
export type Pane = Schemas["PaneView"];
export type GlassOption = Schemas["GlassOptionView"];
export type School = Schemas["SchoolView"];
export type Reminder = Schemas["ReminderView"];
export type TowelInHand = Schemas["TowelInHandView"];
export type RoutineOfCar = Schemas["RoutineView"];
export type Routine = Required<Schemas["RoutineDocument"]>;
export type Slot = Schemas["SlotDocument"];
export type RoutinePlan = Schemas["RoutinePlanView"];
export type Outlook = Schemas["OutlookView"];
export type OutlookBand = Schemas["OutlookBandView"];
export type DeepClean = Schemas["DeepCleanView"];
export type OutlookLane = Schemas["OutlookLaneView"];
export type Frontier = Schemas["FrontierView"];
export type FrontierPoint = Schemas["FrontierPointView"];
export type PlannedSlot = Schemas["PlannedSlotView"];
export type PlanPoint = Schemas["PlanPoint"];

export const api = createClient<paths>({ baseUrl: "/", fetch: sendOnce });

/** What the server said was wrong, or that it did not answer at all. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly status: number | null,
    readonly errors: Record<string, string[]> = {},
    /** False when something on the way to Cove has answered in its place: a proxy, or the sign-in page of a network. */
    readonly isFromCove = true,
    /** Whether it was given up because no answer came for long. */
    readonly tookLong = false,
  ) {
    super(message);
  }

  get isLostServer(): boolean {
    return this.status === null;
  }
}

export const LOST_SERVER = "Cove's server does not answer. Check that it is running.";

type Reply<T> = { data?: T; error?: unknown; response: Response };

/** Gives the data of an answer, or throws the problem in the server's own words. */
export async function ask<T>(request: Promise<Reply<T>>): Promise<T> {
  let answer: Reply<T>;
  try {
    answer = await request;
  } catch (cause) {
    if (cause instanceof DOMException && cause.name === "AbortError") {
      throw cause;
    }
    const tookLong = cause instanceof DOMException && cause.name === "TimeoutError";
    throw new Problem(LOST_SERVER, null, {}, !(cause instanceof StrangerAnswered), tookLong);
  }
  if (answer.response.ok) {
    return answer.data as T;
  }
  const problem = (answer.error ?? {}) as {
    title?: string;
    errors?: Record<string, string[]>;
  };
  throw new Problem(
    problem.title ?? "Cove could not do this. Try again.",
    answer.response.status,
    problem.errors ?? {},
    isFromCove(answer.response),
  );
}

/** The header that names the state a change is based on. */
export function basedOn(version: number): { "If-Match": string } {
  return { "If-Match": `"${version}"` };
}

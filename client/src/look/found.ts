import type { Schemas } from "../api/client";

/** One thing to look at on a walk round. */
export type Look = Schemas["WalkRoundLookView"];

/** What was seen there, and what came of it. */
export type Found = { look: Look; result: string; said: Schemas["LookView"] };

import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import type { PlannedSlot } from "../api/client";
import { keyOf } from "./moves";

export type Held = { task: string; from: string; at: string; name: string };

type Move = (task: string, from: PlannedSlot, to: PlannedSlot) => void;

/** So far the pointer moves before a press is a drag, in pixels. */
const SLACK = 6;

const PICKS = ["Enter", " "];
const CARRIED = [...PICKS, "Escape", "ArrowRight", "ArrowLeft"];

/** A task in the hand: dragged by the pointer, or picked up, carried and put down by keys. */
export function useHeld(slots: PlannedSlot[], onMove: Move) {
  const [held, draw] = useState<Held>();
  // What the hand holds now. The state follows when the page is drawn, which may be after the pointer has let go.
  const hand = useRef<Held | undefined>(undefined);
  const press = useRef<{ x: number; y: number; task: Held } | undefined>(undefined);

  const setHeld = (next: Held | undefined) => {
    hand.current = next;
    draw(next);
  };

  const put = () => {
    const task = hand.current;
    setHeld(undefined);
    const from = slots.find((slot) => keyOf(slot) === task?.from);
    const to = slots.find((slot) => keyOf(slot) === task?.at);
    if (task && from && to && from !== to) {
      onMove(task.task, from, to);
    }
  };

  const carry = (task: Held, by: number) => {
    const next = slots[slots.findIndex((slot) => keyOf(slot) === task.at) + by];
    if (next) {
      setHeld({ ...task, at: keyOf(next) });
    }
  };

  /** What a block needs to be taken into the hand. */
  const grip = (task: string, name: string, from: string) => ({
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      // A finger scrolls; it moves tasks from the day's own list.
      if (event.pointerType !== "touch" && event.button === 0) {
        press.current = {
          x: event.clientX,
          y: event.clientY,
          task: { task, name, from, at: from },
        };
        event.currentTarget.setPointerCapture(event.pointerId);
      }
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      const start = press.current;
      if (
        !start ||
        (!hand.current && Math.hypot(event.clientX - start.x, event.clientY - start.y) < SLACK)
      ) {
        return;
      }
      const over = document
        .elementsFromPoint(event.clientX, event.clientY)
        .map((element) => element.closest<HTMLElement>("[data-session]")?.dataset.session)
        .find((key) => key !== undefined);
      setHeld({ ...start.task, at: over ?? start.task.from });
    },
    onPointerUp: () => {
      press.current = undefined;
      put();
    },
    onPointerCancel: () => {
      press.current = undefined;
      setHeld(undefined);
    },
    onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
      const mine =
        hand.current?.task === task && hand.current.from === from ? hand.current : undefined;
      const known = mine ? CARRIED.includes(event.key) : PICKS.includes(event.key);
      if (!known) {
        return;
      }
      event.preventDefault();
      event.stopPropagation();
      if (!mine) {
        setHeld({ task, name, from, at: from });
      } else if (event.key === "Escape") {
        setHeld(undefined);
      } else if (PICKS.includes(event.key)) {
        put();
      } else {
        carry(mine, event.key === "ArrowRight" ? 1 : -1);
      }
    },
    onBlur: () => {
      if (!press.current) {
        setHeld(undefined);
      }
    },
  });

  return { held, grip };
}

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
  const [held, setHeld] = useState<Held>();
  const press = useRef<{ x: number; y: number; task: Held } | undefined>(undefined);

  const put = (hand: Held | undefined) => {
    setHeld(undefined);
    const from = slots.find((slot) => keyOf(slot) === hand?.from);
    const to = slots.find((slot) => keyOf(slot) === hand?.at);
    if (hand && from && to && from !== to) {
      onMove(hand.task, from, to);
    }
  };

  const carry = (hand: Held, by: number) => {
    const next = slots[slots.findIndex((slot) => keyOf(slot) === hand.at) + by];
    if (next) {
      setHeld({ ...hand, at: keyOf(next) });
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
        (!held && Math.hypot(event.clientX - start.x, event.clientY - start.y) < SLACK)
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
      put(held);
    },
    onPointerCancel: () => {
      press.current = undefined;
      setHeld(undefined);
    },
    onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
      const mine = held?.task === task && held.from === from ? held : undefined;
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
        put(mine);
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

import type { PlannedSlot, Routine } from "../api/client";

/** Names a session for ever: its slot, and the day on which the rule has it. */
export function keyOf(slot: PlannedSlot): string {
  return `${slot.slotId} ${slot.ruleDay}`;
}

/** The moves with a task taken from one session to another; what was moved before is moved on, or back where it came from. */
export function withMove(
  moves: Routine["moves"],
  task: string,
  from: PlannedSlot,
  to: PlannedSlot,
): Routine["moves"] {
  const earlier = moves.find(
    (move) => move.task === task && move.toSlot === from.slotId && move.toDay === from.ruleDay,
  );
  const first = earlier ?? { fromSlot: from.slotId, fromDay: from.ruleDay };
  const others = moves.filter((move) => move !== earlier);
  return first.fromSlot === to.slotId && first.fromDay === to.ruleDay
    ? others
    : [
        ...others,
        {
          task,
          fromSlot: first.fromSlot,
          fromDay: first.fromDay,
          toSlot: to.slotId,
          toDay: to.ruleDay,
        },
      ];
}

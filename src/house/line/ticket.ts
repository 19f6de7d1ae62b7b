import type { AllergenId } from "@/core/safety";

/** So many of a card for a course, with what was asked of them. */
export type TicketLine = {
  readonly id: string;
  readonly ticketId: string;
  readonly course: number;
  readonly cardId: string;
  readonly count: number;
  readonly wishes: readonly string[];
  readonly allergies: readonly AllergenId[];
  /** Who changed the dish for the allergy, and who else saw it. */
  readonly swappedBy: string | null;
  readonly seenBy: string | null;
  /** The line whose pieces are cooked once more. */
  readonly recookOf: string | null;
};

export type TicketCourse = {
  readonly course: number;
  readonly calledAtMs: number | null;
  readonly wantedAtMs: number | null;
  readonly promisedAtMs: number | null;
  readonly goneAtMs: number | null;
  readonly goneBy: string | null;
  readonly bellBy: string | null;
  readonly lines: readonly TicketLine[];
};

export type Ticket = {
  readonly id: string;
  readonly table: string;
  /** The name it was booked under, where somebody said it. */
  readonly guest: string | null;
  readonly atMs: number;
  readonly who: string;
  readonly courses: readonly TicketCourse[];
};

/** A service is over so long after its first ticket. */
export const SERVICE_H = 14;

export const courseKey = (ticketId: string, course: number): string => `${ticketId}:${course}`;

/** A course that stands in the kitchen: it did not go yet. */
export const isOpen = ({ goneAtMs }: TicketCourse): boolean => goneAtMs === null;
export const isCalled = ({ calledAtMs, goneAtMs }: TicketCourse): boolean => calledAtMs !== null && goneAtMs === null;

/** An allergy is answered when the dish was changed, or found free of it, by one pair of eyes and seen by another. */
export const isAnswered = ({ allergies, swappedBy, seenBy }: TicketLine): boolean =>
  allergies.length === 0 || (swappedBy !== null && seenBy !== null);

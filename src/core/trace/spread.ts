/** `possible`: out of a pot or a pan that several went into, or nobody wrote which: it may be this one, it may be another. */
export type Certainty = "certain" | "possible";

/** One lot went into another, by a piece of work where that is known. */
export type Flow = {
  readonly fromId: string;
  readonly toId: string;
  readonly makeId: string | null;
  readonly certainty: Certainty;
};

export type Reached = {
  readonly lotId: string;
  readonly certainty: Certainty;
  /** The work through which it was reached; null: where the search began. */
  readonly by: Flow | null;
};

/** A way is as sure as its least sure step. */
export const leastSure = (one: Certainty, other: Certainty): Certainty =>
  one === "certain" && other === "certain" ? "certain" : "possible";

/** The lot at which a way stopped being certain, going back from one that is only possible. */
export function potOf(lotId: string, reached: ReadonlyMap<string, Reached>): string | null {
  const by = reached.get(lotId)?.by;
  if (!by || reached.get(lotId)?.certainty === "certain") return null;
  return by.certainty === "possible" ? by.toId : potOf(by.fromId, reached);
}

/**
 * Everything that can be reached from some lots along flows, each once with the surest way there: certain where one way is certain all
 * along, else possible. `flowsFrom` is asked for many lots at once. Circles end where they began.
 */
export function spread(
  startIds: readonly string[],
  flowsFrom: (lotIds: readonly string[]) => readonly Flow[],
  onward: (flow: Flow) => readonly [from: string, to: string] = ({ fromId, toId }) => [fromId, toId],
): ReadonlyMap<string, Reached> {
  const reached = new Map<string, Reached>(
    startIds.map((lotId) => [lotId, { lotId, certainty: "certain", by: null } as const]),
  );
  let edge: readonly string[] = [...reached.keys()];
  while (edge.length > 0) {
    const next = new Set<string>();
    for (const flow of flowsFrom(edge)) {
      const [from, to] = onward(flow);
      const certainty = leastSure(reached.get(from)?.certainty ?? "possible", flow.certainty);
      const known = reached.get(to);
      if (known && (known.certainty === "certain" || certainty === "possible")) continue;
      reached.set(to, { lotId: to, certainty, by: flow });
      next.add(to);
    }
    edge = [...next];
  }
  return reached;
}

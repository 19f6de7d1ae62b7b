/** A plate, a table, a course: the moment it is wanted, minutes. */
export type Serve = { readonly id: string; readonly atMin: number };

/** Hands, burners, the oven: so much of it at once. `changeMin`: it has a state, and changing that takes so long. */
export type Resource = { readonly id: string; readonly capacity: number; readonly changeMin: number | null };

export type Need = { readonly resourceId: string; readonly units: number; readonly state: string | null };

export type After = { readonly taskId: string; readonly gapMin: number; readonly gapMax: number | null };

/** Work that is not interrupted. It holds what it needs from its start up to, not with, its end. */
export type Task = {
  readonly id: string;
  readonly minutes: number;
  readonly serveId: string;
  readonly needs: readonly Need[];
  readonly after: readonly After[];
  readonly mustEndAtServe: boolean;
  /** It ends no earlier than so long before its serve; null: it can wait. */
  readonly maxWaitMin: number | null;
  readonly waitCost: number;
  /** It starts no earlier, and no later; the same twice: it stands there, begun or put. Absent: it is free. */
  readonly startFrom?: number;
  readonly startTo?: number;
};

/** Whole steps of time throughout; ids are known to exist. */
export type ScheduleProblem = {
  readonly serves: readonly Serve[];
  readonly resources: readonly Resource[];
  readonly tasks: readonly Task[];
  /** A serve may move later, never earlier. */
  readonly allowLate: boolean;
  /** Nothing begins before; absent: work may begin any time before. */
  readonly notBeforeMin?: number;
};

export type Placed = { readonly id: string; readonly startMin: number; readonly endMin: number };

export type Schedule = {
  readonly tasks: readonly Placed[];
  readonly serves: readonly { readonly id: string; readonly atMin: number; readonly lateMin: number }[];
  readonly lateMin: number;
  readonly waitCost: number;
  /** Null: there is no task. */
  readonly firstStartMin: number | null;
};

/** Why nothing fits. */
export type Clash =
  | { readonly kind: "overCapacity"; readonly taskId: string; readonly resourceId: string; readonly capacity: number }
  | { readonly kind: "ring"; readonly taskIds: readonly string[] }
  /** These together: take one away and the others fit. `resourceIds`: what they share and want more of than there is. */
  | { readonly kind: "together"; readonly taskIds: readonly string[]; readonly resourceIds: readonly string[] };

/** What no plan can beat, as far as the search has shown. */
export type Bound = {
  readonly lateMin: number;
  /** Of the plans of least lateness; null: which those are is not shown yet. */
  readonly waitCost: number | null;
};

export type ScheduleAnswer =
  | { readonly kind: "plan"; readonly schedule: Schedule; readonly provenBest: boolean; readonly bound: Bound }
  | { readonly kind: "infeasible"; readonly clash: Clash }
  /** The time was up before anything was found. */
  | { readonly kind: "unknown" };

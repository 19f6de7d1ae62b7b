import { clamp } from "@/core/numeric";
/**
 * Search over whole numbers by their bounds, that learns from every dead end (lazy clause generation: Ohrimenko, Stuckey and Codish 2009,
 * Constraints 14, 357-391; explanations of cumulative resources: Schutt, Feydy, Stuckey and Wallace 2011, Constraints 16, 250-282).
 *
 * Every variable x has two sides: 2i stands for x, 2i + 1 for -x. A literal (side, value) says "side >= value"; its contrary is
 * (side ^ 1, 1 - value). `bound[side]` is what is known now: the least value of x, and the least of -x.
 */

/** Literals one after the other: side, value, side, value. */
export type Literals = number[];

type Clause = { readonly lits: Literals; readonly levels: number; learnedAt: number };
/** A clause, and from which value of the side its watched literal is false. */
type Watch = { readonly clause: Clause; readonly from: number };
type Edge = { readonly from: number; readonly to: number; readonly by: number; readonly ifSide: number };

/** Something that looks at bounds and draws conclusions through `imply`; false: a conflict. */
export type Propagator = { readonly propagate: () => boolean };

export type Outcome = "solved" | "none" | "stopped";

const NO_REASON = 0;
const BY_EDGE = 1;
const BY_CLAUSE = 2;
const BY_LITERALS = 3;

const ACTIVITY_GROWTH = 1 / 0.95;
const ACTIVITY_LIMIT = 1e100;
const RESTART_UNIT = 120;
/** Decisions and conflicts between two looks at the clock. */
const STEPS_TO_A_LOOK = 64;
const FIRST_TRAIL = 1 << 14;
/** A side that can move further shares its last bucket. */
const MOST_BUCKETS = 4096;
const FIRST_KEPT_CLAUSES = 2000;
/** A decision more a clause spans counts as much as so many conflicts of not being used. */
const LEVEL_WEIGHT = 200;

export class Engine {
  readonly bound: Float64Array;
  readonly activity: number[] = [];
  /** What a variable was when it was last decided or solved. */
  readonly phase: number[] = [];
  conflicts = 0;
  /** Sides of what was wanted in the last search that came to nothing, and cannot hold together. */
  core: number[] = [];

  // the trail: what moved, from where to where, and why
  #size = 0;
  #side = new Int32Array(FIRST_TRAIL);
  #old = new Float64Array(FIRST_TRAIL);
  #before = new Int32Array(FIRST_TRAIL);
  #level = new Int32Array(FIRST_TRAIL);
  #kind = new Uint8Array(FIRST_TRAIL);
  readonly #why: (Edge | Clause | Literals | null)[] = [];
  /** The last entry of each side; -1: it never moved. */
  readonly #head: Int32Array;
  readonly #levelStart: number[] = [];
  #next = 0;
  #sides = 0;

  readonly #edges: Edge[][] = [];
  readonly #edgesIf: Edge[][] = [];
  /** By side, then by the value from which the watched literal is false. */
  readonly #watch: (Watch[] | undefined)[][] = [];
  readonly #buckets: number[] = [];
  readonly #watchBase: number[] = [];
  readonly #wakes: number[][] = [];
  readonly #propagators: Propagator[] = [];
  readonly #dirty: boolean[] = [];
  #clauses: Clause[] = [];
  #keep = FIRST_KEPT_CLAUSES;
  #increment = 1;

  #conflict: Literals | null = null;
  readonly #need: Float64Array;
  #broken = false;

  /** Room for so many variables. */
  constructor(variables: number) {
    this.bound = new Float64Array(2 * variables);
    this.#head = new Int32Array(2 * variables).fill(-1);
    this.#need = new Float64Array(2 * variables).fill(-Infinity);
  }

  /** False: there is no room for another variable. */
  get hasRoom(): boolean {
    return this.#sides + 2 <= this.bound.length;
  }

  /** A new variable; answers with its side. */
  variable(least: number, most: number): number {
    const side = this.#sides;
    this.#sides += 2;
    for (const [at, value] of [least, -most].entries()) {
      this.bound[side + at] = value;
      this.#edges.push([]);
      this.#edgesIf.push([]);
      this.#watch.push([]);
      this.#buckets.push(clamp(most - least, 1, MOST_BUCKETS));
      this.#watchBase.push(value + 1);
      this.#wakes.push([]);
    }
    this.activity.push(0);
    this.phase.push(NaN);
    return side;
  }

  least(side: number): number {
    return this.bound[side]!;
  }
  most(side: number): number {
    return -this.bound[side ^ 1]!;
  }
  isFixed(side: number): boolean {
    return this.bound[side] === -this.bound[side ^ 1]!;
  }

  /** to >= from + by: always, or where a variable of 0 or 1 is 1 (`ifSide` its side) or 0 (its other side). */
  difference(from: number, to: number, by: number, ifSide = -1): void {
    const ahead = { from, to, by, ifSide };
    const back = { from: to ^ 1, to: from ^ 1, by, ifSide };
    for (const edge of [ahead, back]) {
      this.#edges[edge.from]!.push(edge);
      if (ifSide >= 0) this.#edgesIf[ifSide]!.push(edge);
      if (!this.#follow(edge)) this.#broken = true;
    }
  }

  /** Wakes the propagator whenever one of the sides moves. */
  propagator(one: Propagator, sides: readonly number[]): void {
    const index = this.#propagators.push(one) - 1;
    this.#dirty.push(true);
    for (const side of sides) this.#wakes[side]!.push(index);
  }

  /** A bound that holds whatever is decided. */
  always(side: number, value: number): void {
    if (!this.#post(side, value, NO_REASON, null)) this.#broken = true;
  }

  /** A propagator's conclusion: the reasons hold now, and together they make `side >= value`. */
  imply(side: number, value: number, reasons: Literals): boolean {
    return this.#post(side, value, BY_LITERALS, reasons);
  }

  /** These hold now and cannot hold together. */
  contradiction(reasons: Literals): false {
    this.#conflict = reasons;
    return false;
  }

  #post(side: number, value: number, kind: number, why: Edge | Clause | Literals | null): boolean {
    if (this.bound[side]! >= value) return true;
    if (this.bound[side ^ 1]! > -value) {
      this.#conflict = [...this.#reasonsOf(kind, why, side, value), side ^ 1, 1 - value];
      return false;
    }
    const at = this.#size++;
    if (at === this.#side.length) this.#grow();
    this.#side[at] = side;
    this.#old[at] = this.bound[side]!;
    this.#before[at] = this.#head[side]!;
    this.#level[at] = this.#levelStart.length;
    this.#kind[at] = kind;
    this.#why[at] = why;
    this.#head[side] = at;
    this.bound[side] = value;
    return true;
  }

  #grow(): void {
    const copy = <A extends Int32Array | Float64Array | Uint8Array>(to: A, from: A): A => {
      to.set(from);
      return to;
    };
    const size = 2 * this.#side.length;
    this.#side = copy(new Int32Array(size), this.#side);
    this.#old = copy(new Float64Array(size), this.#old);
    this.#before = copy(new Int32Array(size), this.#before);
    this.#level = copy(new Int32Array(size), this.#level);
    this.#kind = copy(new Uint8Array(size), this.#kind);
  }

  /** What made `side >= value`: for an edge just as much as is needed for it. */
  #reasonsOf(kind: number, why: Edge | Clause | Literals | null, side: number, value: number): Literals {
    if (kind === BY_EDGE) {
      const { from, by, ifSide } = why as Edge;
      return ifSide < 0 ? [from, value - by] : [from, value - by, ifSide, heldAt(ifSide)];
    }
    if (kind === BY_LITERALS) return why as Literals;
    if (kind === NO_REASON) return [];
    const { lits } = why as Clause;
    const reasons: Literals = [];
    for (let at = 0; at < lits.length; at += 2) if (lits[at] !== side) reasons.push(lits[at]! ^ 1, 1 - lits[at + 1]!);
    return reasons;
  }

  #follow(edge: Edge): boolean {
    const { from, to, by, ifSide } = edge;
    const value = this.bound[from]! + by;
    if (value <= this.bound[to]!) return true;
    if (ifSide < 0 || this.bound[ifSide]! >= heldAt(ifSide)) return this.#post(to, value, BY_EDGE, edge);
    // it cannot be so: then the order is the other one
    if (this.bound[to ^ 1]! <= -value) return true;
    const contrary = ifSide ^ 1;
    if (this.bound[contrary]! >= heldAt(contrary)) return true;
    return this.#post(contrary, heldAt(contrary), BY_LITERALS, [from, this.bound[from]!, to ^ 1, 1 - value]);
  }

  #propagate(): boolean {
    for (;;) {
      while (this.#next < this.#size) {
        const entry = this.#next++;
        const side = this.#side[entry]!;
        for (const index of this.#wakes[side]!) this.#dirty[index] = true;
        for (const edge of this.#edges[side]!) if (!this.#follow(edge)) return false;
        if (this.bound[side]! >= heldAt(side))
          for (const edge of this.#edgesIf[side]!) if (!this.#follow(edge)) return false;
        if (!this.#watchers(side, this.#old[entry]!)) return false;
      }
      const index = this.#dirty.indexOf(true);
      if (index < 0) return true;
      this.#dirty[index] = false;
      if (!this.#propagators[index]!.propagate()) return false;
    }
  }

  /** Clauses one of whose two watched literals became false as the side moved from `old`. */
  #watchers(side: number, old: number): boolean {
    const buckets = this.#watch[side]!;
    const base = this.#watchBase[side]!;
    const most = this.#buckets[side]! - 1;
    const last = Math.min(most, this.bound[side]! - base, buckets.length - 1);
    for (let at = Math.max(0, Math.min(most, old + 1 - base)); at <= last; at++) {
      const list = buckets[at];
      if (list !== undefined && list.length > 0 && !this.#watchersIn(list, side)) return false;
    }
    return true;
  }

  #watchersIn(list: Watch[], side: number): boolean {
    const { bound } = this;
    const now = bound[side]!;
    let kept = 0;
    let fine = true;
    for (let at = 0; at < list.length; at++) {
      const watch = list[at]!;
      if (now < watch.from || !fine) {
        list[kept++] = watch;
        continue;
      }
      const { clause } = watch;
      const { lits } = clause;
      // the literal that became false comes second; a side stands in a clause once, so it is not both
      if ((lits[0]! ^ 1) === side) {
        const [lit, value] = [lits[0]!, lits[1]!];
        lits[0] = lits[2]!;
        lits[1] = lits[3]!;
        lits[2] = lit;
        lits[3] = value;
      }
      if (bound[lits[0]!]! >= lits[1]!) {
        list[kept++] = watch;
        continue;
      }
      let moved = false;
      for (let other = 4; other < lits.length; other += 2) {
        const lit = lits[other]!;
        const value = lits[other + 1]!;
        if (bound[lit ^ 1]! > -value) continue;
        lits[other] = lits[2]!;
        lits[other + 1] = lits[3]!;
        lits[2] = lit;
        lits[3] = value;
        this.#watchFor(clause, lit, value);
        moved = true;
        break;
      }
      if (moved) continue;
      list[kept++] = watch;
      clause.learnedAt = this.conflicts;
      if (!this.#post(lits[0]!, lits[1]!, BY_CLAUSE, clause)) fine = false;
    }
    list.length = kept;
    return fine;
  }

  #watchFor(clause: Clause, lit: number, value: number): void {
    const side = lit ^ 1;
    const from = 1 - value;
    const buckets = this.#watch[side]!;
    const at = Math.max(0, Math.min(this.#buckets[side]! - 1, from - this.#watchBase[side]!));
    while (buckets.length <= at) buckets.push(undefined);
    (buckets[at] ??= []).push({ clause, from });
  }

  #decide(side: number, value: number): void {
    this.#levelStart.push(this.#size);
    this.#post(side, value, NO_REASON, null);
  }

  #backTo(level: number): void {
    if (this.#levelStart.length <= level) return;
    const size = this.#levelStart[level]!;
    for (let at = this.#size - 1; at >= size; at--) {
      const side = this.#side[at]!;
      this.bound[side] = this.#old[at]!;
      this.#head[side] = this.#before[at]!;
    }
    this.#size = size;
    this.#levelStart.length = level;
    this.#next = size;
    // all was drawn from the bounds of that level before the next decision was taken
    this.#dirty.fill(false);
  }

  /** The entry that made (side, value) true; -1: it always was. */
  #entryOf(side: number, value: number): number {
    let at = this.#head[side]!;
    while (at >= 0 && this.#old[at]! >= value) at = this.#before[at]!;
    return at;
  }

  /** Learns from the conflict: the clause, the one literal of this level in front, and the level to go back to. */
  #learn(): { readonly lits: Literals; readonly level: number; readonly levels: number } {
    const need = this.#need;
    const touched: number[] = [];
    const now = this.#levelStart.length;
    const from = this.#levelStart[now - 1]!;
    let open = 0;
    const add = (reasons: Literals) => {
      for (let at = 0; at < reasons.length; at += 2) {
        const side = reasons[at]!;
        const value = reasons[at + 1]!;
        const had = need[side]!;
        if (had >= value) continue;
        const entry = this.#entryOf(side, value);
        if (entry < 0 || this.#level[entry] === 0) continue;
        this.#bump(side >> 1);
        if (had === -Infinity) touched.push(side);
        const counted = had !== -Infinity && this.#entryOf(side, had) >= from;
        need[side] = value;
        if (entry >= from && !counted) open++;
      }
    };
    add(this.#conflict!);
    let at = this.#size - 1;
    for (; ; at--) {
      const side = this.#side[at]!;
      const value = need[side]!;
      if (value <= this.#old[at]! || value === -Infinity) continue;
      if (open === 1) break;
      open--;
      need[side] = -Infinity;
      add(this.#reasonsOf(this.#kind[at]!, this.#why[at]!, side, value));
    }
    const uip = this.#side[at]!;
    const lits: Literals = [uip ^ 1, 1 - need[uip]!];
    let level = 0;
    const spans = new Set<number>();
    const sides = [...new Set(touched)].filter((side) => need[side] !== -Infinity && side !== uip);
    for (const side of sides) {
      const value = need[side]!;
      const entry = this.#entryOf(side, value);
      if (this.#follows(entry, side, value)) continue;
      lits.push(side ^ 1, 1 - value);
      spans.add(this.#level[entry]!);
      // the second watch is of the highest level
      if (this.#level[entry]! > level) {
        level = this.#level[entry]!;
        const last = lits.length - 2;
        [lits[2], lits[3], lits[last], lits[last + 1]] = [lits[last]!, lits[last + 1]!, lits[2]!, lits[3]!];
      }
    }
    for (const side of touched) need[side] = -Infinity;
    this.#increment *= ACTIVITY_GROWTH;
    return { lits, level, levels: spans.size + 1 };
  }

  /** It follows from the others of the clause: it need not be said. */
  #follows(entry: number, side: number, value: number): boolean {
    if (this.#kind[entry] === NO_REASON) return false;
    const reasons = this.#reasonsOf(this.#kind[entry]!, this.#why[entry]!, side, value);
    for (let at = 0; at < reasons.length; at += 2) {
      const [other, least] = [reasons[at]!, reasons[at + 1]!];
      // a stronger one that came later may itself follow from this
      if (this.#need[other]! >= least && this.#entryOf(other, this.#need[other]!) < entry) continue;
      const made = this.#entryOf(other, least);
      if (made >= 0 && this.#level[made] !== 0) return false;
    }
    return true;
  }

  #bump(variable: number): void {
    this.activity[variable]! += this.#increment;
    if (this.activity[variable]! < ACTIVITY_LIMIT) return;
    for (const [index, value] of this.activity.entries()) this.activity[index] = value / ACTIVITY_LIMIT;
    this.#increment /= ACTIVITY_LIMIT;
  }

  #keepClause(lits: Literals, levels: number, learnedAt: number): Clause {
    const clause = { lits, levels, learnedAt };
    this.#clauses.push(clause);
    this.#watchFor(clause, lits[0]!, lits[1]!);
    this.#watchFor(clause, lits[2]!, lits[3]!);
    return clause;
  }

  /** Half of what was learned is forgotten, what spans many decisions and was long not used first. Only where nothing is decided. */
  #forget(): void {
    if (this.#clauses.length < this.#keep) return;
    const worth = ({ levels, learnedAt }: Clause) => learnedAt - levels * LEVEL_WEIGHT;
    this.#clauses.sort((a, b) => worth(b) - worth(a));
    const kept = this.#clauses.filter(({ levels }, index) => index < this.#keep / 2 || levels <= 2);
    for (const buckets of this.#watch) buckets.length = 0;
    this.#clauses = [];
    for (const { lits, levels, learnedAt } of kept) this.#keepClause(lits, levels, learnedAt);
    this.#keep *= 1.05;
  }

  /**
   * Looks for values that satisfy everything while (side, value) of `wanted` holds. `choose` names the next decision; null: all is fixed.
   * `stop` is asked now and then; after `budget` conflicts it gives up. Whatever was learned stays for the next search.
   */
  search(
    wanted: Literals,
    choose: () => readonly [side: number, value: number] | null,
    stop: () => boolean,
    budget = Infinity,
  ): Outcome {
    this.#backTo(0);
    const until = this.conflicts + budget;
    let restarts = 0;
    let restartAt = this.conflicts + RESTART_UNIT;
    for (let steps = 1; ; steps++) {
      if (this.#broken) return "none";
      if (steps % STEPS_TO_A_LOOK === 0 && stop()) {
        this.#backTo(0);
        return "stopped";
      }
      if (!this.#propagate()) {
        this.conflicts++;
        if (this.#levelStart.length === 0) {
          this.#broken = true;
          return "none";
        }
        if (!this.#backjump()) return "none";
        if (this.conflicts >= until) {
          this.#backTo(0);
          return "stopped";
        }
        if (this.conflicts >= restartAt) {
          restartAt = this.conflicts + RESTART_UNIT * luby(++restarts);
          this.#backTo(0);
          this.#forget();
        }
        continue;
      }
      const level = this.#levelStart.length;
      if (level * 2 < wanted.length) {
        const [side, value] = [wanted[level * 2]!, wanted[level * 2 + 1]!];
        if (this.bound[side ^ 1]! > -value) {
          this.#blame(side, value);
          return "none";
        }
        this.#decide(side, value);
        continue;
      }
      const decision = choose();
      if (decision === null) return "solved";
      this.#decide(decision[0], decision[1]);
    }
  }

  /** Takes back every decision: what the bounds say then holds always. */
  release(): void {
    this.#backTo(0);
  }

  /** Back to where the learned clause says something new. False: nothing satisfies it. */
  #backjump(): boolean {
    const top = this.#levelStart.length;
    // a conflict of an earlier level is one of that level
    const deepest = this.#deepest();
    if (deepest === 0) {
      this.#broken = true;
      return false;
    }
    if (deepest < top) this.#backTo(deepest);
    const { lits, level, levels } = this.#learn();
    this.#backTo(level);
    if (lits.length === 2) return this.#post(lits[0]!, lits[1]!, NO_REASON, null) || !(this.#broken = true);
    return this.#post(lits[0]!, lits[1]!, BY_CLAUSE, this.#keepClause(lits, levels, this.conflicts));
  }

  /** Which of what was wanted cannot hold together: this one, and the wishes that made it false. */
  #blame(side: number, value: number): void {
    const need = new Map<number, number>([[side ^ 1, 1 - value]]);
    this.core = [side];
    for (let at = this.#size - 1; at >= 0 && this.#level[at]! > 0; at--) {
      const made = this.#side[at]!;
      const wanted = need.get(made);
      if (wanted === undefined || wanted <= this.#old[at]!) continue;
      need.delete(made);
      if (this.#kind[at] === NO_REASON) this.core.push(made);
      const reasons = this.#reasonsOf(this.#kind[at]!, this.#why[at]!, made, wanted);
      for (let reason = 0; reason < reasons.length; reason += 2) {
        const [other, least] = [reasons[reason]!, reasons[reason + 1]!];
        if ((need.get(other) ?? -Infinity) < least) need.set(other, least);
      }
    }
  }

  #deepest(): number {
    const reasons = this.#conflict!;
    let level = 0;
    for (let at = 0; at < reasons.length; at += 2) {
      const entry = this.#entryOf(reasons[at]!, reasons[at + 1]!);
      if (entry >= 0) level = Math.max(level, this.#level[entry]!);
    }
    return level;
  }
}

/** Where a side of a variable of 0 or 1 holds: x at 1, -x at 0. */
const heldAt = (side: number): number => 1 - (side & 1);

/** The sequence of Luby, Sinclair and Zuckerman 1993: 1 1 2 1 1 2 4 ... */
function luby(index: number): number {
  let size = 1;
  let power = 0;
  while (size < index + 1) {
    size = 2 * size + 1;
    power++;
  }
  let at = index;
  while (size - 1 !== at) {
    size = (size - 1) >> 1;
    power--;
    at %= size;
  }
  return 2 ** power;
}

import { createHash } from "node:crypto";
import { and, asc, desc, eq, getTableColumns, gt, gte, lt, sql, type SQL } from "drizzle-orm";
import {
  CHAIN_START,
  checkChain,
  GENESIS_HASH,
  isKind,
  sealedText,
  type ChainCheck,
  type ChainEnd,
  type LedgerBody,
  type LedgerEntry,
  type LedgerHead,
  type LedgerKind,
  type LedgerPayloads,
  type Subject,
} from "@/core/trace";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { Db } from "./connection";
import { remembering } from "./remember";
import { ledger, ledgerSubjects } from "./schema/ledger";

const digest = (text: string) => createHash("sha256").update(text).digest("hex");

/** What most entries leave empty. */
const NOTHING = { lotId: null, batchId: null, cookId: null, correctsSeq: null };

type NewEntry<Kind extends LedgerKind> = Pick<LedgerHead, "atMs" | "who"> &
  Partial<LedgerHead> & {
    readonly kind: Kind;
    readonly payload: LedgerPayloads[Kind];
    /** What else it is about, to find it by, besides its lot, batch and cook. */
    readonly subjects?: readonly Subject[];
  };

/** Adds one sealed entry; call it inside the transaction of the change it records. */
export function appendEntry<Kind extends LedgerKind>(db: Db, { subjects = [], ...body }: NewEntry<Kind>): LedgerEntry {
  const last = db.select({ hash: ledger.hash }).from(ledger).orderBy(desc(ledger.seq)).limit(1).get();
  // through JSON once, so that what is sealed is what will be read back; of half a pasted character nothing is left to seal
  const payload = JSON.parse(JSON.stringify(body.payload), (_, value: unknown) =>
    typeof value === "string" ? value.toWellFormed() : value,
  ) as Record<string, unknown>;
  const whole: LedgerBody = { ...NOTHING, ...body, who: body.who.toWellFormed(), payload };
  const prevHash = last?.hash ?? GENESIS_HASH;
  const sealed = { ...whole, payload, prevHash, hash: digest(sealedText(prevHash, whole)) };
  const entry = asEntries(db.insert(ledger).values(sealed).returning().all())[0]!;
  const named: readonly Subject[] = [
    ...(
      [
        ["lot", entry.lotId],
        ["batch", entry.batchId],
        ["cook", entry.cookId],
      ] as const
    ).flatMap(([kind, id]) => (id === null ? [] : [{ kind, id }])),
    ...subjects,
  ];
  for (const subject of named)
    db.insert(ledgerSubjects)
      .values({ seq: entry.seq, ...subject })
      .onConflictDoNothing()
      .run();
  return entry;
}

const entries = (db: Db, where?: SQL) => db.select().from(ledger).where(where);

/** Rows as entries: each was written with what its kind says. */
const asEntries = (rows: readonly (typeof ledger.$inferSelect)[]) => rows as unknown as LedgerEntry[];

export const entriesBetween = (db: Db, fromMs: number, toMs: number): LedgerEntry[] =>
  asEntries(
    entries(db, and(gte(ledger.atMs, fromMs), lt(ledger.atMs, toMs)))
      .orderBy(desc(ledger.seq))
      .all(),
  );

/** Every entry of a kind since, the oldest first. */
export const entriesOfKind = <Kind extends LedgerKind>(db: Db, kind: Kind, sinceMs: number) =>
  asEntries(
    entries(db, and(eq(ledger.kind, kind), gte(ledger.atMs, sinceMs)))
      .orderBy(asc(ledger.seq))
      .all(),
  ).filter(isKind(kind));

export const entriesOfLot = (db: Db, lotId: string): LedgerEntry[] => entriesAbout(db, { kind: "lot", id: lotId });

/** Every entry about a thing, the oldest first. */
export const entriesAbout = (db: Db, { kind, id }: Subject): LedgerEntry[] =>
  asEntries(
    db
      .select(getTableColumns(ledger))
      .from(ledgerSubjects)
      .innerJoin(ledger, eq(ledger.seq, ledgerSubjects.seq))
      .where(and(eq(ledgerSubjects.kind, kind), eq(ledgerSubjects.id, id)))
      .orderBy(ledger.seq)
      .all(),
  );

/** The last entry of a kind. */
export const lastEntry = <Kind extends LedgerKind>(db: Db, kind: Kind) =>
  asEntries(entries(db, eq(ledger.kind, kind)).orderBy(desc(ledger.seq)).limit(1).all()).find(isKind(kind));

export const findEntry = (db: Db, seq: number): LedgerEntry | undefined =>
  asEntries(entries(db, eq(ledger.seq, seq)).all())[0];

/** Every seal from the first entry on, whether any is missing at the end, and whether the file still refuses to change one. */
export function checkLedger(db: Db): ChainCheck {
  const found = checkChain(allEntries(db), digest);
  return found.kind === "broken" ? found : (missingOrUnguarded(db) ?? found);
}

/** Entries held at once: ten years of them do not lie in the memory of the server. */
const AT_ONCE = 5000;

function* allEntries(db: Db): Generator<LedgerEntry> {
  for (let seq = 0; ;) {
    const some = asEntries(entries(db, gt(ledger.seq, seq)).orderBy(ledger.seq).limit(AT_ONCE).all());
    yield* some;
    const last = some.at(-1);
    if (!last) return;
    seq = last.seq;
  }
}

/** Triggers that refuse to change or drop an entry. */
const GUARDS = ["ledger_no_update", "ledger_no_delete", "ledger_subjects_no_update", "ledger_subjects_no_delete"];

/** What the chain itself does not show: its end cut off, its guards taken out. The file counts what it ever numbered beside the entries. */
function missingOrUnguarded(db: Db): ChainCheck | null {
  const { afterSeq } = db.get<{ readonly afterSeq: number }>(sql`select coalesce(max(seq), 0) as afterSeq from ledger`);
  const numbered = db.get<{ readonly seq: number } | undefined>(
    sql`select seq from sqlite_sequence where name = 'ledger'`,
  );
  const opened = db.get(sql`select 1 from house`) === undefined ? 0 : 1;
  // a house that is open has written so, whatever the file says it numbered
  const lastSeq = Math.max(numbered?.seq ?? 0, opened);
  if (lastSeq > afterSeq) return { kind: "cut-off", afterSeq, missing: lastSeq - afterSeq };
  const guards = db.all<{ readonly name: string }>(sql`select name from sqlite_master where type = 'trigger'`);
  return GUARDS.every((guard) => guards.some(({ name }) => name === guard)) ? null : { kind: "unguarded" };
}

/** The last entry before a moment: its hash is the seal of all that was written until then. */
export const headAt = (db: Db, beforeMs: number): LedgerEntry | undefined =>
  asEntries(entries(db, lt(ledger.atMs, beforeMs)).orderBy(desc(ledger.seq)).limit(1).all())[0];

/** The entry that has this seal; none: it was rewritten, cut off, or is no seal of this house. */
export const entryOfSeal = (db: Db, hash: string): LedgerEntry | undefined =>
  asEntries(entries(db, eq(ledger.hash, hash)).all())[0];

/** How far the chain was found whole. */
export type CheckedTo = ChainEnd & { readonly entries: number };
export const UNCHECKED: CheckedTo = { ...CHAIN_START, entries: 0 };

/** The last entry, with how many there are. */
export const headOf = remembering([ledger], (db): CheckedTo => {
  const last = entries(db).orderBy(desc(ledger.seq)).limit(1).get();
  const { entries: count } = db.get<{ readonly entries: number }>(sql`select count(*) as entries from ledger`);
  return last ? { seq: last.seq, hash: last.hash, entries: count } : UNCHECKED;
});

/** As `checkLedger`, but goes on from where the chain was found whole before; a page a day does not hash ten years. Answers with how far it is whole now. */
export function checkNewEntries(
  db: Db,
  before: CheckedTo,
): { readonly chain: ChainCheck; readonly checked: CheckedTo } {
  const fresh = asEntries(entries(db, gt(ledger.seq, before.seq)).orderBy(ledger.seq).all());
  const found = checkChain(fresh, digest, before);
  const wrong = found.kind === "broken" ? found : missingOrUnguarded(db);
  if (wrong) return { chain: wrong, checked: before };
  const last = fresh.at(-1);
  const total = before.entries + fresh.length;
  const checked = last ? { seq: last.seq, hash: last.hash, entries: total } : before;
  return { chain: { kind: "whole", entries: total }, checked };
}

/** A correction is a new entry that points at the old one and says what is true instead. */
export function correctEntry(
  db: Db,
  seq: number,
  note: string,
  who: string,
  atMs: number,
): Result<LedgerEntry, Refusal<"noSuchEntry">> {
  return db.transaction((tx) => {
    const old = findEntry(tx, seq);
    if (!old) return refuse("noSuchEntry");
    const { lotId, batchId, cookId } = old;
    const added = appendEntry(tx, {
      atMs,
      who,
      kind: "correction",
      lotId,
      batchId,
      cookId,
      correctsSeq: seq,
      payload: { note },
    });
    return ok(added);
  });
}

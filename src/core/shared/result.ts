/** Outcome of something a user or a file can get wrong; bugs throw instead. */
export type Result<T, E> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E };

export const ok = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value });
export const err = <E>(error: E): { readonly ok: false; readonly error: E } => ({ ok: false, error });

/** What was refused, by its code; what more there is to say of it stands beside the code. */
export type Refusal<Kind extends string> = { readonly kind: Kind };

/** A refusal that is all said by its code. */
export const refuse = <const Kind extends string>(
  kind: Kind,
): { readonly ok: false; readonly error: { readonly kind: Kind } } => err({ kind });

/** The value of what nothing can refuse here; a refusal is a bug, and throws. */
export function valueOf<T>(done: Result<T, unknown>): T {
  if (!done.ok) throw new Error(`refused: ${JSON.stringify(done.error)}`);
  return done.value;
}

/** Fails on a caller's bug. Write the condition so that NaN fails it. */
export function assert(condition: boolean, message: string): asserts condition {
  if (!condition) throw new Error(message);
}

/** Closes a `switch` over a union; the compiler proves it is never reached. */
export function assertNever(value: never): never {
  throw new Error(`unexpected value ${JSON.stringify(value)}`);
}

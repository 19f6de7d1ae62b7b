/** Something of the demo house, and when it was done. */
export type Timed = { readonly atMs: number; readonly run: () => void };

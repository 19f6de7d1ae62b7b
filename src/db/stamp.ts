/** Who did it, and when: what every act leaves. */
export type Stamp = { readonly who: string; readonly atMs: number };

/** A region of a drawing: the parts of the animal it stands for, and where its number goes. */
export type Region = {
  readonly parts: readonly string[];
  readonly path: string;
  readonly at: readonly [x: number, y: number];
  /** Drawn as a line, for bones and skins. */
  readonly line?: boolean;
};

export type Drawing = {
  readonly regions: readonly Region[];
  /** Outlines and marks that are no part: fins, eye, lines of growth. */
  readonly marks: readonly string[];
};

/** All animals are drawn in this frame, head or hinge to the left. */
export const FRAME = { width: 480, height: 220 } as const;

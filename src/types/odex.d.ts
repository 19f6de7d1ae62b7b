/** The part of odex that the tests use; its published TypeScript does not pass this project's strict settings. */
declare module "odex" {
  export class Solver {
    constructor(equations: number);
    solve(
      derivative: (x: number, y: number[]) => number[],
      fromX: number,
      startY: number[],
      toX: number,
    ): { y: number[]; outcome: number; nEval: number };
  }
}

/**
 * Solves a small symmetric positive definite system by its Cholesky factor: the solution, and the diagonal of the inverse (the variances
 * of a least-squares fit). A matrix that is not positive definite gives NaN.
 */
export function solvePositive(
  matrix: readonly (readonly number[])[],
  right: readonly number[],
): { readonly solution: readonly number[]; readonly inverseDiagonal: readonly number[] } {
  const factor = choleskyOf(matrix);
  const solve = (side: readonly number[]) => backward(factor, forward(factor, side));
  return {
    solution: solve(right),
    inverseDiagonal: right.map((_, column) => solve(right.map((__, row) => (row === column ? 1 : 0)))[column]!),
  };
}

/** Lower triangle L of M = L Lᵀ. */
function choleskyOf(matrix: readonly (readonly number[])[]): readonly (readonly number[])[] {
  const factor: number[][] = [];
  for (const [row, values] of matrix.entries()) {
    const line: number[] = [];
    factor.push(line);
    for (let column = 0; column <= row; column++) {
      let left = values[column]!;
      for (let index = 0; index < column; index++) left -= line[index]! * factor[column]![index]!;
      line.push(row === column ? Math.sqrt(left) : left / factor[column]![column]!);
    }
  }
  return factor;
}

function forward(factor: readonly (readonly number[])[], right: readonly number[]): readonly number[] {
  const found: number[] = [];
  for (const [row, line] of factor.entries()) {
    let left = right[row]!;
    for (let index = 0; index < row; index++) left -= line[index]! * found[index]!;
    found.push(left / line[row]!);
  }
  return found;
}

function backward(factor: readonly (readonly number[])[], right: readonly number[]): readonly number[] {
  const found = [...right];
  for (let row = factor.length - 1; row >= 0; row--) {
    let left = right[row]!;
    for (let index = row + 1; index < factor.length; index++) left -= factor[index]![row]! * found[index]!;
    found[row] = left / factor[row]![row]!;
  }
  return found;
}

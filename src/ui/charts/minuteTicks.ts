/** Whole minutes in steps that leave some eight of them. */
export function minuteTicks(wholeMin: number, most = 9): number[] {
  const step = [1, 2, 5, 10, 20, 30, 60, 120].find((one) => wholeMin / one <= most) ?? 240;
  return Array.from({ length: Math.floor(wholeMin / step) + 1 }, (_, index) => index * step);
}

/* The reference of `npm run bench -- heat`: a slab of 61 nodes by a plain implicit loop, 600 s in steps of 0.25 s, µs a run. */
#include <stdio.h>
#include <time.h>
#define NODES 61
#define STEPS 2400
#define RUNS 15

int main(void) {
  const double dx = 0.028 / (NODES - 1), k = 0.5, rc = 3.6e6, h = 200, air = 60, dt = 0.25;
  const double fo = k * dt / (rc * dx * dx), bi = 2 * h * dt / (rc * dx);
  double best = 1e12, centre = 0;
  for (int run = 0; run < RUNS; run++) {
    struct timespec from, to;
    double t[NODES], upper[NODES];
    for (int i = 0; i < NODES; i++) t[i] = 8;
    clock_gettime(CLOCK_MONOTONIC, &from);
    for (int step = 0; step < STEPS; step++) {
      double carried = 0, before = 0;
      for (int i = 0; i < NODES; i++) {
        const int end = i == 0 || i == NODES - 1;
        const double low = i == 0 ? 0 : i == NODES - 1 ? 2 * fo : fo, high = i == NODES - 1 ? 0 : i == 0 ? 2 * fo : fo;
        const double pivot = 1 + 2 * fo + (end ? bi : 0) - low * carried;
        carried = high / pivot;
        before = (t[i] + (end ? bi * air : 0) + low * before) / pivot;
        upper[i] = carried;
        t[i] = before;
      }
      for (int i = NODES - 2; i >= 0; i--) t[i] += upper[i] * t[i + 1];
    }
    clock_gettime(CLOCK_MONOTONIC, &to);
    const double us = (to.tv_sec - from.tv_sec) * 1e6 + (to.tv_nsec - from.tv_nsec) / 1e3;
    if (us < best) best = us;
    centre = t[NODES / 2];
  }
  printf("%.1f %.3f\n", best, centre);
  return 0;
}

/** Between these bacteria grow fast, °C (FDA Food Code 2022, 3-501.16: held cold at 5 or below, hot at 57 or above; memory, high). */
export const DANGER_ZONE_C = { from: 5, to: 57 } as const;

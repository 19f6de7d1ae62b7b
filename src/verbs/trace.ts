import { z } from "zod";

const Point = z.tuple([z.number().min(0).max(1_000_000), z.number().min(-80).max(150)]);

/** A temperature log as every verb takes it: [time, °C] pairs in time order. */
export const TraceInput = z
  .array(Point)
  .min(1, "give at least one reading")
  .max(200_000)
  .superRefine((points, context) => {
    const late = points.findIndex((point, index) => index > 0 && point[0] < points[index - 1]![0]);
    if (late > 0) context.addIssue({ code: "custom", path: [late, 0], message: "readings must be in time order" });
  });

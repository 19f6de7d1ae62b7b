import { said, type Said } from "@/core/shared";
import type { Clash } from "./problem";

/** Nobody reads a longer list. */
const MOST_NAMED = 8;

/** Why nothing fits, to be said to the cook. */
export function clashSaid(clash: Clash): readonly Said[] {
  switch (clash.kind) {
    case "overCapacity": {
      const { taskId, resourceId, capacity } = clash;
      return [said("line.overCapacity", { task: taskId, resource: resourceId, capacity })];
    }
    case "ring":
      return [said("line.ring", { tasks: clash.taskIds.join(", ") })];
    case "together": {
      const { taskIds } = clash;
      const more = taskIds.length - MOST_NAMED;
      const [tasks, resources] = [taskIds.slice(0, MOST_NAMED).join(", "), clash.resourceIds.join(", ")];
      if (more > 0) return [said("line.clashOfMany", { tasks, more, resources })];
      return resources === "" ? [said("line.waitsClash", { tasks })] : [said("line.clash", { tasks, resources })];
    }
  }
}

import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { promiseCourse } from "@/db/line/tickets";
import { courseKey, isCalled } from "@/house/line/ticket";
import { liveLine } from "./liveLine";

/** Tables that were called and told nothing yet are told what the plan says. */
export async function promiseCalled(): Promise<void> {
  const house = findHouse(db());
  if (!house) return;
  const { tickets, plan } = await liveLine(db(), house, houseNowMs());
  if (!plan) return;
  const upMs = new Map(plan.serves.map((serve) => [serve.courseId, serve.upMs]));
  for (const ticket of tickets)
    for (const { course, promisedAtMs } of ticket.courses.filter(isCalled)) {
      const at = upMs.get(courseKey(ticket.id, course));
      if (promisedAtMs === null && at !== undefined) promiseCourse(db(), ticket.id, course, at);
    }
}

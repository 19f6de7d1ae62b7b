type Ask = <T>(answer: Promise<T>, limitMs?: number) => Promise<T | null>;

/** What pages asked of the house and was not answered yet. */
const due = new Set<Promise<unknown>>();

/** The way pages ask, listened to. */
export const heard = ({ answerWithin }: { readonly answerWithin: Ask }): { readonly answerWithin: Ask } => ({
  answerWithin: (answer, limitMs) => {
    const asked = answerWithin(answer, limitMs);
    due.add(asked);
    void asked.finally(() => due.delete(asked));
    return asked;
  },
});

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Waits as long as a page takes to ask, then until it is answered and has said so: a machine that builds beside it is slow. */
export async function untilAnswered(askMs: number): Promise<void> {
  await pause(askMs);
  if (due.size === 0) return;
  while (due.size > 0) await Promise.allSettled([...due]);
  await pause(askMs);
}

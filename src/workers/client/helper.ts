import { wrap, type Remote } from "comlink";

/** One who answers questions off the main thread. */
export type Helper<W> = {
  /**
   * Asks. A worker whose script does not come, or that falls over, is opened anew and asked once more (it knows nothing of what the one
   * before it was told); a second fall, or what the worker itself throws, refuses the answer.
   */
  readonly ask: <P extends Promise<unknown>>(question: (remote: Remote<W>) => P) => Promise<Awaited<P>>;
  /** Takes the worker as fallen: for one that gives no sign of life any more. */
  readonly giveUp: () => void;
  readonly close: () => void;
};

type Open<W> = {
  readonly worker: Worker;
  readonly remote: Remote<W>;
  /** Those who wait for an answer, told when none will come: a call alone would wait for ever. */
  readonly waiting: Set<(fell: Fell) => void>;
  fell: boolean;
};

class Fell extends Error {}

function fall(opened: Open<unknown>): void {
  opened.fell = true;
  for (const tell of opened.waiting) tell(new Fell());
}

const orFall = <P extends Promise<unknown>>({ waiting }: Open<unknown>, answer: P): Promise<Awaited<P>> =>
  new Promise((resolve, reject) => {
    waiting.add(reject);
    (answer as Promise<Awaited<P>>).then(resolve, reject).finally(() => waiting.delete(reject));
  });

/** Opened at its first question by `start`, which names the worker's file. */
export function helper<W>(start: () => Worker): Helper<W> {
  let held: Open<W> | null = null;
  const open = (): Open<W> => {
    const worker = start();
    const opened: Open<W> = { worker, remote: wrap<W>(worker), waiting: new Set(), fell: false };
    worker.addEventListener("error", () => fall(opened));
    return opened;
  };
  const close = () => {
    held?.worker.terminate();
    held = null;
  };
  const ask = async <P extends Promise<unknown>>(question: (remote: Remote<W>) => P): Promise<Awaited<P>> => {
    for (let again = false; ; again = true) {
      if (held?.fell) close();
      held ??= open();
      try {
        return await orFall(held, question(held.remote));
      } catch (error) {
        if (again || !(error instanceof Fell)) throw error;
      }
    }
  };
  return { ask, giveUp: () => void (held && fall(held)), close };
}

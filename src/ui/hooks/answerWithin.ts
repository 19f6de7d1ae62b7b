/** The answer of the house, or null when it refuses or stays silent; a cook at the stove cannot wait for a dead line. */
export async function answerWithin<T>(answer: Promise<T>, limitMs = 6000): Promise<T | null> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const silence = new Promise<null>((resolve) => {
    timer = setTimeout(() => resolve(null), limitMs);
  });
  try {
    return await Promise.race([answer, silence]);
  } catch {
    return null;
  } finally {
    clearTimeout(timer);
  }
}

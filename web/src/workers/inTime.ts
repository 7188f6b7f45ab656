/** What is told where no answer came in time. */
export const late = Symbol('late');

/** An answer, or `late` once so many ms are over: whoever reckons may not look at the clock as often as it should. */
export async function inTime<Answer>(answer: Promise<Answer>, ms: number): Promise<Answer | typeof late> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const over = new Promise<typeof late>((resolve) => {
    timer = setTimeout(() => resolve(late), ms);
  });
  try {
    return await Promise.race([answer, over]);
  } finally {
    clearTimeout(timer);
  }
}

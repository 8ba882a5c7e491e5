/** What a worker answers; refused when the worker itself ends in an error, as its answer would never come. */
export const orDies = <T>(worker: Worker, answer: Promise<T>): Promise<T> =>
  Promise.race([
    answer,
    new Promise<never>((_done, fail) => worker.addEventListener('error', () => fail(new Error('worker')))),
  ]);

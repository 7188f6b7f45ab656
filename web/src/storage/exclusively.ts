/** Runs `work` while no other tab runs any. */
export type Exclusively = <Result>(work: () => Promise<Result>) => Promise<Result>;

const lockName = 'wagonomos-document';
/** ms after which a tab that hangs is waited for no longer: what is read and written is compared all the same. */
const patience = 5000;

/** By the Web Locks API. A browser that has none, or refuses one, runs the work as it is: then the comparison alone guards it. */
export function exclusivelyBy(locks: Pick<LockManager, 'request'> | undefined): Exclusively {
  return async (work) => {
    if (!locks) return work();
    let begun = false;
    const begin = () => {
      begun = true;
      return work();
    };
    try {
      return await locks.request(lockName, { signal: AbortSignal.timeout(patience) }, begin);
    } catch (error) {
      if (begun) throw error;
      return work();
    }
  };
}

/** Waits for what must come, however long it takes: the runner's own ceiling ends a test in which it never does. */
export async function until(holds: () => boolean | Promise<boolean>): Promise<void> {
  while (!(await holds())) await new Promise((resolve) => setTimeout(resolve, 2));
}

/** Goes to another screen as a whole page; see PageLink. */
export function openPage(path: string): void {
  window.location.assign(path);
}

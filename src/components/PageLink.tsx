/**
 * A link to another screen as a whole page. The service worker answers pages from the device, so this never waits for a
 * weak signal, as fetching parts of a page from the server would.
 */
export function PageLink(props: React.ComponentProps<"a"> & { href: string }) {
  return <a {...props} />;
}

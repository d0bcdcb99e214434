import NotFound from "../not-found";

/** The page for unknown addresses under an address of its own, so that it can be kept for offline use. */
export default function Page() {
  return <NotFound />;
}

import { vemmickJsonSchema } from "@/records/json-schema";

export const dynamic = "force-static";

/** The published JSON Schema of `*.vemmick.json`, generated from the schemas the program itself checks with. */
export function GET(): Response {
  return new Response(`${JSON.stringify(vemmickJsonSchema(), null, 2)}\n`, {
    headers: { "content-type": "application/schema+json" },
  });
}

import { NextResponse, type NextRequest } from "next/server";

const isDevelopment = process.env.NODE_ENV === "development";

/**
 * Content-Security-Policy of every page: only this origin, scripts and style elements only by nonce. Style attributes may
 * stand, because the drawings are scaled by them; docs/decisions/0004-content-security-policy.md has the reasons.
 */
function policy(nonce: string): string {
  return [
    "default-src 'self'",
    // The development server compiles in the browser; the production build needs no eval.
    `script-src 'self' 'nonce-${nonce}'${isDevelopment ? " 'unsafe-eval'" : ""}`,
    // Browsers that do not part elements from attributes go by the first line.
    "style-src 'self' 'unsafe-inline'",
    `style-src-elem 'self' ${isDevelopment ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    // A bridge to a meter is a program on the same machine; nothing else is asked.
    `connect-src 'self' ws://localhost:* ws://127.0.0.1:*${isDevelopment ? " ws:" : ""}`,
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

/** Answers that change with a build under one address must not be kept by anything between server and browser. */
const NEVER_SHARED = /^\/(serwist\/|schema$)/;

export function proxy(request: NextRequest): NextResponse {
  const nonce = btoa(crypto.randomUUID());
  const contentSecurityPolicy = policy(nonce);
  const headers = new Headers(request.headers);
  headers.set("x-nonce", nonce);
  headers.set("Content-Security-Policy", contentSecurityPolicy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set("Content-Security-Policy", contentSecurityPolicy);
  if (NEVER_SHARED.test(request.nextUrl.pathname)) response.headers.set("Cache-Control", "no-cache");
  return response;
}

/** Every address but the files of the build: those have their headers from next.config.ts. */
export const config = {
  matcher: [
    "/((?!_next/static/|paper-fonts/|text-reader/|_next/image/|favicon\\.svg$|icon-[a-z0-9-]+\\.png$|theme\\.js$|NOTICES\\.txt$).*)",
  ],
};

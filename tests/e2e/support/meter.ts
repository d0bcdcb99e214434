import type { Page, WebSocketRoute } from "@playwright/test";
import { expect } from "./vemmick";

const EVERY_MS = 100;
const HELD_MS = 1250;
const LIFTED_MS = 1000;
const TAP_MS = 500;

/** A meter behind a bridge on this machine, in a hand that touches and lifts. */
export class HandMeter {
  private wire: WebSocketRoute | null = null;
  private constructor(private readonly page: Page) {}

  static async at(page: Page): Promise<HandMeter> {
    const meter = new HandMeter(page);
    // What has settled is a matter of time: of the page's own, which goes as the test says.
    await page.clock.install();
    await page.routeWebSocket("ws://localhost:8765/", (wire) => {
      meter.wire = wire;
    });
    return meter;
  }

  /** Opens the line, with the one press it takes. */
  async open(): Promise<void> {
    await this.page.getByRole("button", { name: "Meter link" }).click();
    const row = this.page.getByRole("listitem").filter({ hasText: "Plain line from a bridge" });
    await row.getByRole("button", { name: "Open" }).click();
    await expect(this.page.getByRole("button", { name: "Take what it shows" })).toBeVisible();
  }

  say(line: string): void {
    this.wire?.send(`${line}\r\n`);
  }

  /** Shows one line for a while. */
  async show(line: string, forMs: number): Promise<void> {
    for (let atMs = 0; atMs < forMs; atMs += EVERY_MS) {
      this.say(line);
      await this.page.clock.runFor(EVERY_MS);
    }
  }

  lift = (): Promise<void> => this.show("OL kohm", LIFTED_MS);

  /** Touches a place, holds still and lifts; what is open is said by tapping the tips. */
  async touch(ohm: string | null): Promise<void> {
    if (ohm === null) await this.show("0.2 ohm", TAP_MS);
    else await this.show(`${ohm} ohm`, HELD_MS);
    await this.lift();
  }

  async hangUp(): Promise<void> {
    await this.wire?.close();
  }
}

export const linkPanel = (page: Page) => page.getByRole("region", { name: "Meter link" });

import type { BluetoothSettings } from "@/core/meter-line";
import { fail, ok } from "@/core/result";
import { wireFailure, type MeterWire } from "../wire";

/** What tells and hears, as far as it is used here. @source Web Bluetooth, W3C community group draft */
interface Characteristic extends EventTarget {
  readonly value?: DataView;
  startNotifications(): Promise<Characteristic>;
  stopNotifications(): Promise<Characteristic>;
  writeValue(bytes: BufferSource): Promise<void>;
}
interface BluetoothDevice extends EventTarget {
  readonly gatt?: {
    connect(): Promise<{
      getPrimaryService(id: string | number): Promise<{ getCharacteristic(id: string | number): Promise<Characteristic> }>;
    }>;
    disconnect(): void;
  };
}
interface Bluetooth {
  requestDevice(wanted: { readonly filters: readonly { readonly services: readonly (string | number)[] }[] }): Promise<BluetoothDevice>;
}

const bluetoothHere = (): Bluetooth | undefined => (navigator as Navigator & { readonly bluetooth?: Bluetooth }).bluetooth;
/** Four hex digits are a number of the standard's own. */
const idOf = (id: string): string | number => (id.length === 4 ? Number.parseInt(id, 16) : id.toLowerCase());

/**
 * A meter that tells by Bluetooth, where the browser has it.
 * @param settings its service, what tells, and what hears
 */
export const bluetoothWire = ({ service, tells, hears }: BluetoothSettings): MeterWire => ({
  open: async ({ onBytes, onClosed }) => {
    const bluetooth = bluetoothHere();
    if (!bluetooth) return fail({ code: "meter-way-missing", way: "bluetooth" });
    try {
      const device = await bluetooth.requestDevice({ filters: [{ services: [idOf(service)] }] });
      const { gatt } = device;
      if (!gatt) return fail({ code: "meter-failed", detail: "no service" });
      const found = await (await gatt.connect()).getPrimaryService(idOf(service));
      const teller = await found.getCharacteristic(idOf(tells));
      const hearer = hears === null ? null : await found.getCharacteristic(idOf(hears));
      teller.addEventListener("characteristicvaluechanged", () => {
        const { value } = teller;
        if (value) onBytes(new Uint8Array(value.buffer, value.byteOffset, value.byteLength));
      });
      let isOver = false;
      device.addEventListener("gattserverdisconnected", () => (isOver ? undefined : onClosed()));
      await teller.startNotifications();
      return ok({
        write: (bytes) => void hearer?.writeValue(bytes.slice()).catch(() => undefined),
        close: () => {
          isOver = true;
          gatt.disconnect();
        },
      });
    } catch (error) {
      return fail(wireFailure(error));
    }
  },
});

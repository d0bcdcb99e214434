/** Raised when everything here was cleared while something was made for the team: it must not be written. */
export class DeviceGoneError extends Error {
  override name = "DeviceGoneError";
}

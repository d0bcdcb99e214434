/** Hands a text to the browser's own download; nothing leaves the device. */
export function download(text: string, name: string, type = "application/json"): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken the blob by the next turn.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

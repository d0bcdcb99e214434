/** Hands a text or a picture to the browser's own download; nothing leaves the device. */
export function download(content: string | Blob, name: string, type = "application/json"): void {
  const url = URL.createObjectURL(typeof content === "string" ? new Blob([content], { type }) : content);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken the blob by the next turn.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Bytes as base64 (RFC 4648, 4), in pieces that a call can take. */
export function base64Of(bytes: Uint8Array): string {
  const pieces: string[] = [];
  for (let at = 0; at < bytes.length; at += 0x8000) {
    pieces.push(String.fromCharCode(...bytes.subarray(at, at + 0x8000)));
  }
  return btoa(pieces.join(''));
}

/** Has the browser save what came as base64. */
export function saveAs(name: string, base64: string): void {
  const bytes = Uint8Array.from(atob(base64), (sign) => sign.charCodeAt(0));
  const url = URL.createObjectURL(new Blob([bytes], { type: 'application/octet-stream' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken it by then.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

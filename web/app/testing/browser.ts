/** Small stand-ins for what a browser has and Node has not. */

export class MemoryStorage implements Storage {
  [name: string]: unknown;

  get length(): number {
    return Object.keys(this).length;
  }

  key(index: number): string | null {
    return Object.keys(this)[index] ?? null;
  }

  getItem(key: string): string | null {
    return (this[key] as string | undefined) ?? null;
  }

  setItem(key: string, value: string): void {
    this[key] = value;
  }

  removeItem(key: string): void {
    delete this[key];
  }

  clear(): void {
    for (const key of Object.keys(this)) delete this[key];
  }
}

/** An event stream that a test drives by hand. */
export class HandStream {
  static readonly OPEN = 1;
  static opened = 0;
  static last: HandStream | undefined;
  readyState = 0;
  closed = false;
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  onmessage: ((message: { data: string }) => void) | null = null;

  constructor(readonly url: string) {
    HandStream.last = this;
    HandStream.opened += 1;
  }

  open(): void {
    this.readyState = HandStream.OPEN;
    this.onopen?.();
  }

  fail(): void {
    this.readyState = 0;
    this.onerror?.();
  }

  bring(data: unknown): void {
    this.onmessage?.({ data: JSON.stringify(data) });
  }

  addEventListener(): void {}

  close(): void {
    this.closed = true;
  }
}

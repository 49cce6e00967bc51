/** A picture in shades of grey: rows from the top, 0 black to 255 white. */
export interface Grey {
  readonly width: number;
  readonly height: number;
  /** One byte a dot; `width * height` of them. */
  readonly data: Uint8Array;
}

/** A point of a picture, x to the right and y downwards, in dots. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** @param rgba four bytes a dot; the shade is the luma of ITU-R BT.601 */
export function greyOf(rgba: ArrayLike<number>, width: number, height: number): Grey {
  const data = new Uint8Array(width * height);
  for (let at = 0; at < data.length; at += 1) {
    const from = 4 * at;
    data[at] =
      (299 * (rgba[from] ?? 0) + 587 * (rgba[from + 1] ?? 0) + 114 * (rgba[from + 2] ?? 0)) / 1000;
  }
  return { width, height, data };
}

/** Smaller, each dot the mean of those that it covers. A picture is never made larger. */
export function shrunk(picture: Grey, longestSide: number): Grey {
  const factor = Math.max(picture.width, picture.height) / longestSide;
  if (factor <= 1) return picture;
  const width = Math.max(1, Math.round(picture.width / factor));
  const height = Math.max(1, Math.round(picture.height / factor));
  const data = new Uint8Array(width * height);
  for (let y = 0; y < height; y += 1) {
    const top = Math.floor((y * picture.height) / height);
    const bottom = Math.max(top + 1, Math.floor(((y + 1) * picture.height) / height));
    for (let x = 0; x < width; x += 1) {
      const left = Math.floor((x * picture.width) / width);
      const right = Math.max(left + 1, Math.floor(((x + 1) * picture.width) / width));
      let sum = 0;
      for (let row = top; row < bottom; row += 1) {
        const start = row * picture.width;
        for (let at = start + left; at < start + right; at += 1) sum += picture.data[at] ?? 0;
      }
      data[y * width + x] = sum / ((bottom - top) * (right - left));
    }
  }
  return { width, height, data };
}

/** What is inside a box, as far as it is inside the picture. */
export function cropped(picture: Grey, box: Box): Grey {
  const left = Math.max(0, Math.floor(box.x));
  const top = Math.max(0, Math.floor(box.y));
  const right = Math.min(picture.width, Math.ceil(box.x + box.width));
  const bottom = Math.min(picture.height, Math.ceil(box.y + box.height));
  const width = Math.max(0, right - left);
  const height = Math.max(0, bottom - top);
  const data = new Uint8Array(width * height);
  for (let y = 0; y < height; y += 1) {
    const start = (top + y) * picture.width + left;
    data.set(picture.data.subarray(start, start + width), y * width);
  }
  return { width, height, data };
}

/** Turned to the right by so many quarters of a turn. */
export function turned(picture: Grey, quarters: number): Grey {
  let now = picture;
  for (let turn = 0; turn < quarters; turn += 1) {
    const { width, height, data } = now;
    const out = new Uint8Array(data.length);
    for (let y = 0; y < height; y += 1) {
      for (let x = 0; x < width; x += 1)
        out[x * height + height - 1 - y] = data[y * width + x] ?? 0;
    }
    now = { width: height, height: width, data: out };
  }
  return now;
}

/** A piece of a picture with so many dots of white around it. */
export function framed(picture: Grey, box: Box, margin: number): Grey {
  const piece = cropped(picture, box);
  const width = piece.width + 2 * margin;
  const data = new Uint8Array(width * (piece.height + 2 * margin)).fill(255);
  for (let row = 0; row < piece.height; row += 1) {
    const dots = piece.data.subarray(row * piece.width, (row + 1) * piece.width);
    data.set(dots, (row + margin) * width + margin);
  }
  return { width, height: piece.height + 2 * margin, data };
}

/** As a file that needs no library to write: portable grey map, binary (Netpbm, P5). */
export function asPgm({ width, height, data }: Grey): Uint8Array {
  const head = new TextEncoder().encode(`P5\n${width} ${height}\n255\n`);
  const file = new Uint8Array(head.length + data.length);
  file.set(head);
  file.set(data, head.length);
  return file;
}

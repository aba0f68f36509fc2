/** Reads words and numbers off bytes of text, one after another: a scan of many megabytes is never made a string. */
export class TextReader {
  at = 0;
  constructor(readonly bytes: Uint8Array) {}

  /** Skips blanks and line ends. @returns whether anything is left */
  more(): boolean {
    const { bytes } = this;
    while (this.at < bytes.length && bytes[this.at] <= 32) this.at++;
    return this.at < bytes.length;
  }

  /** Skips blanks within the line. @returns whether anything is left in it */
  moreInLine(): boolean {
    const { bytes } = this;
    while (this.at < bytes.length && bytes[this.at] <= 32 && bytes[this.at] !== 10) this.at++;
    return this.at < bytes.length && bytes[this.at] !== 10;
  }

  /** To the beginning of the next line. */
  nextLine(): void {
    const { bytes } = this;
    while (this.at < bytes.length && bytes[this.at] !== 10) this.at++;
    if (this.at < bytes.length) this.at++;
  }

  /** The next word. */
  word(): string {
    this.more();
    const { bytes } = this;
    const from = this.at;
    while (this.at < bytes.length && bytes[this.at] > 32) this.at++;
    let text = '';
    for (let i = from; i < Math.min(this.at, from + 40); i++) text += String.fromCharCode(bytes[i]);
    return text;
  }

  /** The next number; NaN where there is none. Ends at a blank or at what belongs to no number, as the bar of `7/2/9`. */
  number(): number {
    this.more();
    const { bytes } = this;
    const from = this.at;
    let sign = 1;
    if (bytes[this.at] === 45 || bytes[this.at] === 43) sign = bytes[this.at++] === 45 ? -1 : 1;
    let value = 0;
    let digits = 0;
    for (let d = bytes[this.at] - 48; d >= 0 && d <= 9; d = bytes[++this.at] - 48, digits++) value = value * 10 + d;
    let exponent = 0;
    if (bytes[this.at] === 46) {
      this.at++;
      for (let d = bytes[this.at] - 48; d >= 0 && d <= 9; d = bytes[++this.at] - 48, digits++, exponent--) value = value * 10 + d;
    }
    if (digits === 0) {
      // `nan`, `inf` or noise: the whole word is passed over.
      this.at = from;
      while (this.at < bytes.length && bytes[this.at] > 32) this.at++;
      return NaN;
    }
    if (bytes[this.at] === 101 || bytes[this.at] === 69) {
      this.at++;
      const down = bytes[this.at] === 45;
      if (down || bytes[this.at] === 43) this.at++;
      let power = 0;
      for (let d = bytes[this.at] - 48; d >= 0 && d <= 9; d = bytes[++this.at] - 48) power = Math.min(400, power * 10 + d);
      exponent += down ? -power : power;
    }
    return sign * (exponent === 0 ? value : value * 10 ** exponent);
  }
}

/** A list of numbers that grows: how many there will be is not believed before they are there. */
export class Growing {
  #values = new Float32Array(4096);
  length = 0;
  push(v: number): void {
    if (this.length === this.#values.length) {
      const more = new Float32Array(2 * this.length);
      more.set(this.#values);
      this.#values = more;
    }
    this.#values[this.length++] = v;
  }
  at(i: number): number {
    return this.#values[i];
  }
  whole(): Float32Array {
    return this.#values.slice(0, this.length);
  }
}

/** Random numbers that are the same for the same seed (mulberry32). */
export class Random {
  constructor(private state: number) {}

  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  below(n: number): number {
    return Math.floor(this.next() * n);
  }

  one<T>(list: readonly T[]): T {
    return list[this.below(list.length)];
  }
}

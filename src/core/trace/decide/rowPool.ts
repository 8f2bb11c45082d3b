/** So many rows are cut from one piece of memory. */
const rowsAtOnce = 64;

/**
 * Many short rows of one length. Each is cut from a larger piece, since thousands of small arrays with memory of their own
 * cost more to clean up than to work out. A row begins as zeros and is never given out twice.
 */
export class RowPool {
  private piece = new Float64Array(0);
  private used = 0;

  constructor(private readonly length: number) {}

  next(): Float64Array {
    if (this.used + this.length > this.piece.length) {
      this.piece = new Float64Array(rowsAtOnce * this.length);
      this.used = 0;
    }
    const row = this.piece.subarray(this.used, this.used + this.length);
    this.used += this.length;
    return row;
  }
}

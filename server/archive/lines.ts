import { BadInput } from '#core/build';

/** A line of an archive is no longer than the largest build. */
const MOST_LINE_BYTES = 8_000_000;
/** An archive of an older version is one document. */
const MOST_DOCUMENT_BYTES = 64_000_000;

const LF = 10;

/**
 * The lines of a stream, with the number of each, without ever holding more than one of them. What is left
 * after the first line may be taken as one text, for a document that has lines of another kind.
 */
export class Lines {
  private held: Buffer[] = [];
  private size = 0;
  private queue: Buffer[] = [];
  private done = false;
  private at = 0;
  private readonly chunks: AsyncIterator<Buffer>;

  constructor(stream: AsyncIterable<Buffer>) {
    this.chunks = stream[Symbol.asyncIterator]();
  }

  /** The next line; null where there is none. */
  async next(): Promise<{ at: number; text: string } | null> {
    while (this.queue.length === 0 && !this.done) await this.more(MOST_LINE_BYTES);
    const line = this.queue.shift();
    return line === undefined ? null : { at: ++this.at, text: line.toString('utf8') };
  }

  /** All that follows, as one text. */
  async rest(): Promise<string> {
    const parts: Buffer[] = [];
    let size = 0;
    for (let line = await this.nextBytes(); line; line = await this.nextBytes()) {
      size += line.length + 1;
      if (size > MOST_DOCUMENT_BYTES) throw tooLarge(MOST_DOCUMENT_BYTES);
      parts.push(line, Buffer.from('\n'));
    }
    return Buffer.concat(parts).toString('utf8');
  }

  /** Reads to the end and keeps nothing: whoever sends hears the answer only then. */
  async drain(): Promise<void> {
    this.queue = [];
    this.held = [];
    while (!this.done) {
      const { done } = await this.chunks.next();
      this.done = Boolean(done);
    }
  }

  private async nextBytes(): Promise<Buffer | undefined> {
    while (this.queue.length === 0 && !this.done) await this.more(MOST_DOCUMENT_BYTES);
    return this.queue.shift();
  }

  private async more(most: number): Promise<void> {
    const { value, done } = await this.chunks.next();
    if (done) {
      this.done = true;
      if (this.size) this.queue.push(Buffer.concat(this.held));
      this.held = [];
      this.size = 0;
      return;
    }
    let rest: Buffer = value;
    for (let end = rest.indexOf(LF); end >= 0; end = rest.indexOf(LF)) {
      this.queue.push(Buffer.concat([...this.held, rest.subarray(0, end)]));
      this.held = [];
      this.size = 0;
      rest = rest.subarray(end + 1);
    }
    if (rest.length) this.held.push(rest);
    this.size += rest.length;
    if (this.size > most) throw tooLarge(most);
  }
}

const tooLarge = (most: number) =>
  new BadInput([{ field: '', message: `the file must have no line of more than ${most / 1e6} megabytes` }]);

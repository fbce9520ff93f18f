import type { FileText } from '../formats/roster/asText';
import type { ReadOptions, ReadRoster } from '../formats/roster/readRoster';
import { WorkerCalls, WorkerError, type CallOptions, type WorkerLike } from './client';

/** What the roster worker is asked: to read pasted text, or to make text of a file. */
export type RosterAsk =
  | {
      readonly what: 'text';
      readonly text: string;
      readonly options: Pick<ReadOptions, 'columnName' | 'shape'>;
    }
  | { readonly what: 'file'; readonly bytes: Uint8Array; readonly options: ReadOptions };
export type RosterAnswer =
  | { readonly what: 'text'; readonly read: ReadRoster }
  | { readonly what: 'file'; readonly file: FileText };

/** The roster worker, seen by what it does. */
export class RosterClient {
  private readonly calls: WorkerCalls<RosterAsk, RosterAnswer>;

  constructor(start: () => WorkerLike<RosterAsk, RosterAnswer>) {
    this.calls = new WorkerCalls(start);
  }

  async readText(
    text: string,
    options: Pick<ReadOptions, 'columnName' | 'shape'>,
    call?: CallOptions,
  ): Promise<ReadRoster> {
    const answer = await this.calls.call({ what: 'text', text, options }, call);
    if (answer.what !== 'text') throw new WorkerError('failed', 'expected a read text');
    return answer.read;
  }

  async fileAsText(bytes: Uint8Array, options: ReadOptions = {}): Promise<FileText> {
    const answer = await this.calls.call({ what: 'file', bytes, options });
    if (answer.what !== 'file') throw new WorkerError('failed', 'expected the text of a file');
    return answer.file;
  }

  close(): void {
    this.calls.close();
  }
}

/** The client of the real worker; the worker itself starts with the first call. */
export function browserRosterClient(): RosterClient {
  return new RosterClient(
    () =>
      new Worker(new URL('./roster.worker.ts', import.meta.url), {
        type: 'module',
      }) as WorkerLike<RosterAsk, RosterAnswer>,
  );
}

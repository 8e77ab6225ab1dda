import { Observable, defer, map, retry, share, tap, timer } from 'rxjs';
import { webSocket, type WebSocketSubject } from 'rxjs/webSocket';
import { baseTimeOf, readPack, readPlainLine, type DeviceCommand, type WireReading } from '@orvin/core/along/wire';

/*
 * Instruments as a stream of readings, whatever they hang on: the socket of the stand-ins, or the serial line of a real scale or
 * thermometer. What is no reading is left out and counted.
 */

export type LineWord =
  | { readonly kind: 'open' }
  | { readonly kind: 'readings'; readonly readings: readonly WireReading[] }
  /** Something said that was no reading, and why. */
  | { readonly kind: 'refused'; readonly error: string }
  | { readonly kind: 'down'; readonly again: number };

export interface InstrumentLine {
  readonly words: Observable<LineWord>;
  /** What stands in for an instrument can be told something; a real one cannot. */
  send?(command: DeviceCommand): void;
}

const FIRST_WAIT = 250;
const LONGEST_WAIT = 5000;
const waitOf = (tries: number): number => Math.min(LONGEST_WAIT, FIRST_WAIT * 2 ** (tries - 1));

/** The line of the stand-ins, taken up again when it falls. */
export function socketLine(url: string): InstrumentLine {
  let socket: WebSocketSubject<unknown> | undefined;
  const words = new Observable<LineWord>((subscriber) => {
    const line = defer(() => {
      socket = webSocket<unknown>({
        url,
        deserializer: ({ data }: MessageEvent<unknown>) => data,
        serializer: (command) => JSON.stringify(command),
        openObserver: { next: () => subscriber.next({ kind: 'open' }) },
      });
      return socket;
    }).pipe(
      map((data): LineWord => wordOf(String(data))),
      // the far end hanging up is no end of ours
      tap({
        complete: () => {
          throw new Error('the line was hung up');
        },
      }),
      retry({
        resetOnSuccess: true,
        delay: (_error, tries) => {
          const again = waitOf(tries);
          subscriber.next({ kind: 'down', again });
          return timer(again);
        },
      }),
    );
    const subscription = line.subscribe(subscriber);
    return () => subscription.unsubscribe();
  }).pipe(share());
  return { words, send: (command) => socket?.next(command) };
}

/** A message of the line: a pack, or what was wrong with a command. */
export function wordOf(data: string): LineWord {
  if (data.startsWith('{')) return { kind: 'refused', error: data.slice(0, 300) };
  // stand-ins may run faster than the wall: their clock is the one that counts on their line
  const pack = readPack(data, Math.max(Date.now(), baseTimeOf(data) ?? 0));
  return pack.kind === 'readings' ? pack : { kind: 'refused', error: pack.error };
}

/** What a browser's serial port is, as far as it is used here. */
export interface PlainPort {
  readonly readable: ReadableStream<Uint8Array> | null;
  open(options: { readonly baudRate: number }): Promise<void>;
  close(): Promise<void>;
}
const LONGEST_PLAIN_LINE = 200;

/** Lines of a real scale or thermometer. @param baudRate as the instrument says */
export function serialLine(port: PlainPort, baudRate: number): InstrumentLine {
  const words = new Observable<LineWord>((subscriber) => {
    let stopped = false;
    let reader: ReadableStreamDefaultReader<Uint8Array> | undefined;
    const listen = async () => {
      await port.open({ baudRate });
      subscriber.next({ kind: 'open' });
      reader = port.readable?.getReader();
      const decoder = new TextDecoder();
      let rest = '';
      for (;;) {
        const { value, done } = (await reader?.read()) ?? { value: undefined, done: true };
        if (done || stopped) break;
        const lines = (rest + decoder.decode(value, { stream: true })).split(/[\r\n]/);
        rest = (lines.pop() ?? '').slice(-LONGEST_PLAIN_LINE);
        for (const line of lines) {
          const word = plainWord(line, Date.now());
          if (word) subscriber.next(word);
        }
      }
      subscriber.complete();
    };
    listen().catch((error: unknown) => subscriber.error(error));
    return () => {
      stopped = true;
      void reader?.cancel().then(() => port.close());
    };
  }).pipe(share());
  return { words };
}

/** A plain line as the same kind of reading that a pack brings. */
export function plainWord(line: string, at: number): LineWord | undefined {
  const reading = readPlainLine(line);
  switch (reading.kind) {
    case 'mass':
      return {
        kind: 'readings',
        readings: [
          { name: 'scale:mass', at, value: reading.grams / 1000 },
          ...(reading.stable === undefined ? [] : [{ name: 'scale:stable' as const, at, flag: reading.stable }]),
        ],
      };
    case 'temperature':
      return { kind: 'readings', readings: [{ name: 'probe:core', at, value: reading.celsius }] };
    case 'overload':
      return { kind: 'readings', readings: [{ name: 'scale:overload', at, flag: true }] };
    case 'nothing':
      return undefined;
  }
}

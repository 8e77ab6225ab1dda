import { firstValueFrom, take, toArray } from 'rxjs';
import { plainWord, serialLine, wordOf, type PlainPort } from './instrument-line';

describe('what comes over the line', () => {
  it('is readings, or the words of whoever refused it', () => {
    const pack = wordOf('[{"n":"scale:mass","u":"kg","v":0.2214}]');
    expect(pack.kind === 'readings' && pack.readings[0]?.value).toBe(0.2214);
    const wrongUnit = wordOf('[{"n":"scale:mass","u":"g","v":221}]');
    expect(wrongUnit.kind === 'refused' && wrongUnit.error).toMatch(/unit g, not kg/);
    expect(wordOf('{"error":"too long"}').kind).toBe('refused');
    expect(wordOf('nonsense').kind).toBe('refused');
  });
  it('goes by the sender’s clock where it runs faster', () => {
    const ahead = Math.round(Date.now() / 1000) + 7200;
    const pack = wordOf(`[{"bn":"","bt":${ahead},"n":"probe:core","u":"Cel","v":50}]`);
    expect(pack.kind === 'readings' && pack.readings[0]?.at).toBe(ahead * 1000);
  });
  it('is the same kind of reading from a plain line', () => {
    expect(plainWord('ST,GS,+ 209.4 g', 5)).toEqual({
      kind: 'readings',
      readings: [
        { name: 'scale:mass', at: 5, value: 0.2094 },
        { name: 'scale:stable', at: 5, flag: true },
      ],
    });
    expect(plainWord('96.5 C', 5)).toEqual({ kind: 'readings', readings: [{ name: 'probe:core', at: 5, value: 96.5 }] }); // prettier-ignore
    expect(plainWord('hello', 5)).toBeUndefined();
    expect(plainWord('OL', 5)).toEqual({ kind: 'readings', readings: [{ name: 'scale:overload', at: 5, flag: true }] });
  });
});

describe('a serial line', () => {
  it('is read line by line, wherever it is cut, and opened at its speed', async () => {
    const chunks = ['ST,GS,+ 20', '9.4 g\r\nhel', 'lo\n150 g\n'].map((chunk) => new TextEncoder().encode(chunk));
    const opened: number[] = [];
    const port: PlainPort = {
      readable: new ReadableStream<Uint8Array>({
        pull(controller) {
          const chunk = chunks.shift();
          if (chunk) controller.enqueue(chunk);
          else controller.close();
        },
      }),
      open: ({ baudRate }) => Promise.resolve(void opened.push(baudRate)),
      close: () => Promise.resolve(),
    };
    const words = await firstValueFrom(serialLine(port, 9600).words.pipe(take(3), toArray()));
    expect(opened).toEqual([9600]);
    const grams = words.flatMap((word) => (word.kind === 'readings' ? word.readings.flatMap(({ value }) => value ?? []) : [])); // prettier-ignore
    expect(grams).toEqual([0.2094, 0.15]);
  });
});

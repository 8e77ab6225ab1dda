import { readCommand, writePack } from '@orvin/core/along/wire';
import { StandInKitchen, type StandInState } from '@orvin/core/along/stand-ins';

/*
 * The stand-ins on their line: one kitchen for all who listen, a hundred of them at most. Time runs on by the wall's clock, or faster.
 */

const TICK_MILLISECONDS = 50;
/** A scale speaks ten times a second, what is hot once, counted on the wall. */
const SCALE_EVERY = 2;
const HOT_EVERY = 20;
export const MOST_CLIENTS = 100;
/** Messages of one client in a second; more are refused and counted. */
export const MOST_MESSAGES = 50;
const LONGEST_CATCHING_UP = 2;

/** Somebody on the line. */
export interface Client {
  send(message: string): void;
}
interface Listening {
  second: number;
  messages: number;
}

export class DeviceLine {
  readonly kitchen: StandInKitchen;
  /** Messages that were no command. */
  refused = 0;
  private readonly clients = new Map<Client, Listening>();
  private timer: ReturnType<typeof setInterval> | undefined;
  private ticks = 0;
  private last = 0;
  private virtual: number;

  constructor(
    private readonly pace = 1,
    private readonly clock: () => number = Date.now,
    seed = 1,
  ) {
    this.kitchen = new StandInKitchen({ seed });
    this.virtual = clock();
  }
  /** False when there are too many already. */
  join(client: Client): boolean {
    if (this.clients.size >= MOST_CLIENTS) return false;
    this.clients.set(client, { second: 0, messages: 0 });
    return true;
  }
  leave(client: Client): void {
    this.clients.delete(client);
  }
  get listening(): number {
    return this.clients.size;
  }
  /** What a client said; an answer only where something is wrong, and the line stays open. */
  hear(client: Client, message: string): void {
    const error = this.tooFast(client) ? `more than ${MOST_MESSAGES} messages a second` : this.done(message);
    if (error === undefined) return;
    this.refused++;
    client.send(JSON.stringify({ error }));
  }
  private tooFast(client: Client): boolean {
    const listening = this.clients.get(client);
    if (!listening) return true;
    const second = Math.floor(this.clock() / 1000);
    if (second !== listening.second) Object.assign(listening, { second, messages: 0 });
    listening.messages++;
    return listening.messages > MOST_MESSAGES;
  }
  private done(message: string): string | undefined {
    const read = readCommand(message);
    return read.kind === 'refused' ? read.error : this.kitchen.do(read.command);
  }

  start(): void {
    this.last = this.clock();
    this.timer ??= setInterval(() => {
      this.tick();
    }, TICK_MILLISECONDS);
    // nobody waits for stand-ins when the server is to end
    this.timer.unref();
  }
  stop(): void {
    clearInterval(this.timer);
    this.timer = undefined;
  }
  /** Lets the time go by since the last tick, and says what there is to say. */
  tick(): void {
    const now = this.clock();
    const seconds = Math.min(LONGEST_CATCHING_UP, Math.max(0, (now - this.last) / 1000));
    this.last = now;
    this.virtual += seconds * this.pace * 1000;
    this.kitchen.step(seconds * this.pace);
    this.ticks++;
    if (this.clients.size === 0) return;
    const { scale, hot } = this.kitchen.readings(this.virtual);
    const hotEvery = Math.max(1, Math.round(HOT_EVERY / Math.min(this.pace, HOT_EVERY)));
    if (this.ticks % SCALE_EVERY === 0 && scale.length > 0) this.say(writePack(scale));
    if (this.ticks % hotEvery === 0 && hot.length > 0) this.say(writePack(hot));
  }
  private say(message: string): void {
    for (const client of this.clients.keys()) client.send(message);
  }
  state(): StandInState & { readonly pace: number; readonly listening: number; readonly refused: number } {
    return { ...this.kitchen.state(), pace: this.pace, listening: this.listening, refused: this.refused };
  }
}

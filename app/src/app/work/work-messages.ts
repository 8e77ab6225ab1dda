import type { JobName } from './jobs';

/** What the application asks of a worker. */
export interface WorkRequest {
  readonly id: number;
  readonly name: JobName;
  readonly input: unknown;
}
/** What the worker answers; it has checked both what came in and what goes out. */
export type WorkReply =
  | { readonly id: number; readonly ok: true; readonly value: unknown }
  | { readonly id: number; readonly ok: false; readonly message: string };

/** Whether a message is an answer at all; what is in it the worker has checked. */
export function isReply(data: unknown): data is WorkReply {
  if (typeof data !== 'object' || data === null || !('id' in data) || !('ok' in data)) return false;
  return typeof data.id === 'number' && (data.ok === true || (data.ok === false && 'message' in data));
}

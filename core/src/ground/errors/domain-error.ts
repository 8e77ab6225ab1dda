/** What is wrong with what a caller gave. */
export type DomainErrorCode = 'out-of-range' | 'missing' | 'no-root';

/** A caller broke a documented precondition. Never thrown for what an honest formula may contain. */
export class DomainError extends RangeError {
  override readonly name = 'DomainError';
  constructor(
    readonly where: string,
    readonly parameter: string,
    readonly given: unknown,
    readonly allowed: string,
    readonly code: DomainErrorCode = 'out-of-range',
  ) {
    super(`${where}: ${parameter} is ${String(given)}, allowed is ${allowed}`);
  }
}

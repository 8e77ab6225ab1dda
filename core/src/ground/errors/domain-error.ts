/** A caller broke a documented precondition. Never thrown for what an honest formula may contain. */
export class DomainError extends RangeError {
  override readonly name = 'DomainError';
  constructor(
    readonly where: string,
    readonly parameter: string,
    readonly given: unknown,
    readonly allowed: string,
  ) {
    super(`${where}: ${parameter} is ${String(given)}, allowed is ${allowed}`);
  }
}

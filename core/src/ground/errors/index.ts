export { DomainError, type DomainErrorCode } from './domain-error.js';

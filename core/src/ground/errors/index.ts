export { DomainError } from './domain-error.js';

import { answering } from './answering';
import { jobs } from './jobs';

/** Answers one message of the application. */
export const answer = answering(jobs);

import { servingJobs } from './serving-jobs';
import { jobs } from './jobs';

/** Answers one message of the application. */
export const serveJob = servingJobs(jobs);

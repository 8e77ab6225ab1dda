import { servingJobs } from './serving-jobs';
import { printJobs } from './print-jobs';

const serveJob = servingJobs(printJobs);

addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  const reply = serveJob(data);
  if (reply) postMessage(reply);
});

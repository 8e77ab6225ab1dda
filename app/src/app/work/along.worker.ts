import { alongJobs } from './along-jobs';
import { servingJobs } from './serving-jobs';

const serveJob = servingJobs(alongJobs);

addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  const reply = serveJob(data);
  if (reply) postMessage(reply);
});

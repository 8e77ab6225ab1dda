import { learnJobs } from './learn-jobs';
import { servingJobs } from './serving-jobs';

const serveJob = servingJobs(learnJobs);

addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  const reply = serveJob(data);
  if (reply) postMessage(reply);
});

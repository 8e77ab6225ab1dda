import { servingJobs } from './serving-jobs';
import { planJobs } from './plan-jobs';

const serveJob = servingJobs(planJobs);

addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  const reply = serveJob(data);
  if (reply) postMessage(reply);
});

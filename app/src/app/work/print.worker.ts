import { answering } from './answering';
import { printJobs } from './print-jobs';

const answer = answering(printJobs);

addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  const reply = answer(data);
  if (reply) postMessage(reply);
});

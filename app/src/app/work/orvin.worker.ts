import { serveJob } from './serve-job';

addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  const reply = serveJob(data);
  if (reply) postMessage(reply);
});

import { answer } from './answer';

addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  const reply = answer(data);
  if (reply) postMessage(reply);
});

import { jobs } from './jobs';
import { JOB_SCHEMAS, requestSchema, type WorkReply } from './messages';

/** Answers one message of the application; a message that is none of its own gets no answer. */
export function answer(message: unknown): WorkReply | undefined {
  const request = requestSchema.validate(message);
  if (request.error) return undefined;
  const { id, name, input } = request.value;
  const checked = JOB_SCHEMAS[name].input.validate(input);
  if (checked.error) return { id, ok: false, message: `This bake cannot be simulated: ${checked.error.message}.` };
  try {
    return { id, ok: true, value: jobs[name](checked.value as Parameters<(typeof jobs)[typeof name]>[0]) };
  } catch (error) {
    return { id, ok: false, message: error instanceof Error ? error.message : String(error) };
  }
}

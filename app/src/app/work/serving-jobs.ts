import { DomainError } from '@orvin/core/ground/errors';
import { limitInWords } from '@orvin/core/words/wording';
import { JOB_SCHEMAS, requestSchema } from './messages';
import type { WorkReply } from './work-messages';
import type { JobName } from './jobs';

/** How a job is refused whose input is none. */
const REFUSED: Readonly<Record<JobName, string>> = {
  bake: $localize`This bake cannot be simulated`,
  'bake-at': $localize`This bake cannot be simulated`,
  sensitivities: $localize`This bake cannot be simulated`,
  read: $localize`This cannot be read`,
  export: $localize`This cannot be written`,
  'shelf-facts': $localize`These formulas cannot be read`,
  'paste-reading': $localize`This cannot be read`,
  'check-rows': $localize`These records cannot be looked over`,
  'foresee-batch': $localize`This day cannot be planned`,
  'plan-day': $localize`This day cannot be planned`,
  'loosen-day': $localize`This day cannot be planned`,
  'learn-book': $localize`These bakes cannot be learned from`,
  'oven-course': $localize`These bakes cannot be learned from`,
  'live-estimate': $localize`This bake cannot be followed`,
  'oven-off': $localize`This bake cannot be simulated`,
  'sheet-text': $localize`This sheet cannot be written`,
  'sheet-pdf': $localize`This sheet cannot be printed`,
  'lining-pdf': $localize`This template cannot be printed`,
  'label-pdf': $localize`This label cannot be printed`,
};

/** Answers messages of the application with the jobs that this worker has; a message that is none of its own gets no answer. */
export const servingJobs =
  (jobs: Readonly<Partial<Record<JobName, unknown>>>) =>
  (message: unknown): WorkReply | undefined => {
    const request = requestSchema.validate(message);
    if (request.error) return undefined;
    const { id, name, input } = request.value;
    const checked = JOB_SCHEMAS[name].input.validate(input);
    if (checked.error) return { id, ok: false, message: `${REFUSED[name]}: ${checked.error.message}.` };
    try {
      const value = (jobs[name] as (input: unknown) => unknown)(checked.value);
      const { error } = JOB_SCHEMAS[name].output.validate(value);
      return error
        ? { id, ok: false, message: $localize`The answer was unreadable: ${error.message}.` }
        : { id, ok: true, value };
    } catch (error) {
      if (error instanceof DomainError) return { id, ok: false, message: limitInWords(error) };
      return { id, ok: false, message: error instanceof Error ? error.message : String(error) };
    }
  };

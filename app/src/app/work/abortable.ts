import { Observable } from 'rxjs';

/** Work that tells what it finds as it goes, as a stream: whoever stops listening calls it off, and hears nothing of it any more. */
export function abortableSteps<T>(
  run: (tell: (value: T) => void, signal: AbortSignal) => Promise<void>,
): Observable<T> {
  return new Observable<T>((subscriber) => {
    const abort = new AbortController();
    run((value) => subscriber.next(value), abort.signal).then(
      () => subscriber.complete(),
      (error: unknown) => {
        if (!abort.signal.aborted) subscriber.error(error);
      },
    );
    return () => abort.abort(new Error('overtaken'));
  });
}

/** A job of a worker as a stream of its one answer. */
export const abortable = <T>(run: (signal: AbortSignal) => Promise<T>): Observable<T> =>
  abortableSteps<T>(async (tell, signal) => tell(await run(signal)));

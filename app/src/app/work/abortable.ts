import { Observable } from 'rxjs';

/** A job of a worker as a stream of its one answer: whoever stops listening calls it off, and hears nothing of it any more. */
export function abortable<T>(run: (signal: AbortSignal) => Promise<T>): Observable<T> {
  return new Observable<T>((subscriber) => {
    const abort = new AbortController();
    run(abort.signal).then(
      (value) => {
        subscriber.next(value);
        subscriber.complete();
      },
      (error: unknown) => {
        if (!abort.signal.aborted) subscriber.error(error);
      },
    );
    return () => abort.abort(new Error('overtaken'));
  });
}

import { proxy, type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';

export type TaskState<Progress, Result> =
  | { readonly state: 'idle' }
  | { readonly state: 'working'; readonly progress: Progress | undefined }
  | { readonly state: 'done'; readonly result: Result; readonly milliseconds: number }
  | { readonly state: 'failed'; readonly message: string };

export interface WorkerTask<Api, Input, Progress, Result> {
  /** Makes the worker; bundlers want its address spelt out where it is made. */
  readonly worker: () => Worker;
  readonly run: (
    api: Remote<Api>,
    input: Input,
    onProgress: (progress: Progress) => void,
  ) => Promise<Result>;
}

/** A long computation in a worker; starting anew or leaving the page ends what is under way. */
export function useWorkerTask<Api, Input, Progress, Result>(
  task: WorkerTask<Api, Input, Progress, Result>,
) {
  const { t } = useTranslation();
  const [state, setState] = useState<TaskState<Progress, Result>>({ state: 'idle' });
  const worker = useRef<Worker>(null);

  const cancel = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setState({ state: 'idle' });
  }, []);
  useEffect(() => () => worker.current?.terminate(), []);

  const start = useCallback(
    async (input: Input) => {
      cancel();
      const mine = task.worker();
      worker.current = mine;
      setState({ state: 'working', progress: undefined });
      const begun = performance.now();
      const current = () => worker.current === mine;
      mine.onerror = () =>
        current() &&
        setState({
          state: 'failed',
          message: t('app.useWorkerTask.theComputationDidNotStartLoad'),
        });
      try {
        const result = await task.run(
          wrap<Api>(mine),
          input,
          proxy((progress: Progress) => {
            if (current()) setState({ state: 'working', progress });
          }),
        );
        if (!current()) return;
        // Progress comes over a channel of its own and may be late: from here on it does not count.
        worker.current = null;
        setState({ state: 'done', result, milliseconds: performance.now() - begun });
      } catch (error) {
        if (current()) setState({ state: 'failed', message: String(error) });
      }
      mine.terminate();
    },
    [cancel, task, t],
  );

  return { state, start, cancel };
}

import { useTranslation } from 'react-i18next';
import { partsByPlace } from '#core/board/pads';
import { testKey } from '#core/faults/benchTests';
import { testSaid } from '#core/faults/faultSaid';
import { known, type NextTask } from '#core/learning/drills/faults/next';
import { saying } from '#core/words/sayings';
import { Choices } from '../Choices.tsx';
import type { ViewProps } from '../exerciseView.ts';
import { FindFault } from '../faults/FindFault.tsx';
import { HiddenBoard } from '../faults/HiddenBoard.tsx';

function NextTest({ task, given, answer }: ViewProps<NextTask, string>) {
  const { t } = useTranslation();
  const parts = partsByPlace(task.parts);
  return (
    <>
      <HiddenBoard task={task} />
      {known(task).map((line) => (
        <p key={JSON.stringify(line)} className="drill-note">
          {saying(t, line)}
        </p>
      ))}
      <Choices
        label={t('drill.faults.next.ask')}
        choices={task.options.map((test) => ({
          value: testKey(test),
          says: saying(t, testSaid(task.faults, test, parts)),
        }))}
        right={task.best}
        given={given}
        answer={answer}
      />
    </>
  );
}

/** The pictures of the drill, by kind of exercise. */
export const faultsViews = { next: NextTest, find: FindFault };

import type { OwnedView } from '@contracts/closet/owned-view';
import { notifications } from '@mantine/notifications';
import { call, showProblem } from '@ui/api';
import { callMerging } from '@ui/merging';
import { useFollowing } from '@ui/useFollowing';
import { useCallback } from 'react';
import { draftOf, inputOf } from '../piece/draft';

interface Given {
  readonly clientId: string;
  readonly initial: readonly OwnedView[];
  readonly retired: readonly OwnedView[];
  /** Something of the page is another than it was. */
  readonly onChanged: () => void;
}

/** The pieces of a closet and those that are out of it, and what may be done with them. */
export function useCloset({ clientId, initial, retired, onChanged }: Given) {
  const [owned, setOwned] = useFollowing(initial);
  const [out, setOut] = useFollowing(retired);
  const retire = useCallback(
    async (item: OwnedView): Promise<void> => {
      try {
        await call('retire-owned', { id: item.id, retired: true });
        setOwned((all) => all.filter((each) => each.id !== item.id));
        setOut((all) => [item, ...all]);
        const undo = async (): Promise<void> => {
          await call('retire-owned', { id: item.id, retired: false });
          setOwned((all) => [...all, item]);
          setOut((all) => all.filter((each) => each.id !== item.id));
          notifications.hide(item.id);
        };
        notifications.show({
          id: item.id,
          title: `${item.piece.title} is out of the closet.`,
          message: (
            <button className="plain-button" onClick={() => void undo().catch(showProblem)}>
              Put it back
            </button>
          ),
        });
      } catch (error) {
        showProblem(error);
      }
    },
    [setOut, setOwned],
  );
  const keep = useCallback(
    (item: OwnedView): void =>
      setOwned((all) =>
        all.some(({ id }) => id === item.id)
          ? all.map((each) => (each.id === item.id ? item : each))
          : [...all, item],
      ),
    [setOwned],
  );
  const confirmAll = async (): Promise<void> => {
    for (const item of owned.filter(({ assumed }) => assumed)) {
      try {
        const { version } = await callMerging(
          'save-owned',
          { clientId, version: item.version, ...inputOf({ ...draftOf(item), assumed: false }) },
          { clientId, ...inputOf(draftOf(item)) },
          onChanged,
        );
        keep({ ...item, version, assumed: false });
      } catch (error) {
        return showProblem(error);
      }
    }
  };
  const putBack = useCallback(
    async (item: OwnedView): Promise<void> => {
      try {
        const { version } = await call('retire-owned', { id: item.id, retired: false });
        setOut((all) => all.filter((each) => each.id !== item.id));
        setOwned((all) => [...all, { ...item, version }]);
      } catch (error) {
        showProblem(error);
      }
    },
    [setOut, setOwned],
  );
  return { owned, out, retire, keep, confirmAll, putBack };
}

import type { BoxView } from '@contracts/box/box-view';

import type { Ask } from '@core/reading';
import { useForm } from '@mantine/form';
import { amountIn, amountOf } from '@ui/amounts';
import type { BoxState } from '@ui/useBox';
import { EMPTY_ASK } from './AskList';

/** Asks with words in them, trimmed. */
export const asked = (asks: readonly Ask[]): Ask[] =>
  asks.filter(({ text }) => text.trim() !== '').map((ask) => ({ ...ask, text: ask.text.trim() }));

/** What is wrong with a budget as typed; an empty one is none. */
function budgetFault(text: string): string | null {
  if (text.trim() === '') return null;
  const minor = amountOf(text);
  if (minor === undefined) return `${text}: not an amount`;
  return minor < 0 ? 'not below 0' : null;
}

/** The brief as it is being written, and how it is saved. */
export function useBrief(view: BoxView, run: BoxState<BoxView>['run']) {
  const form = useForm({
    initialValues: {
      budget: view.budgetMinor === null ? '' : amountIn(view.budgetMinor),
      occasionIds: [...view.occasionIds],
      asks: view.asks.length > 0 ? view.asks.map(({ ask }) => ask) : [EMPTY_ASK],
      mood: [...view.mood],
      notToSend: view.notToSend,
    },
    validate: { budget: budgetFault },
  });
  const { values } = form;
  const save = async (): Promise<boolean> => {
    if (form.validate().hasErrors) return false;
    const saved = await run(
      'save-brief',
      {
        boxId: view.id,
        version: view.version,
        budgetMinor: values.budget.trim() === '' ? null : (amountOf(values.budget) ?? null),
        occasionIds: values.occasionIds,
        asks: asked(values.asks),
        mood: values.mood,
        notToSend: values.notToSend,
      },
      'The brief is saved.',
      {
        budgetMinor: view.budgetMinor,
        occasionIds: [...view.occasionIds],
        asks: view.asks.map(({ ask }) => ask) as never,
        mood: [...view.mood],
        notToSend: view.notToSend,
      },
    );
    return saved !== undefined;
  };
  return { form, save };
}

import type { ShopPageView } from '@contracts/shop/shop-page-view';
import { type Paper, PAPERS } from '@core/shop';
import { Button, NativeSelect, Textarea } from '@mantine/core';
import { useForm } from '@mantine/form';
import { LetterStyleBar } from '@ui/LetterStyleBar';
import { useShopPart } from './useShopPart';

type Voice = ShopPageView['voice'];

interface Props {
  readonly voice: Voice;
  readonly version: number;
}

const PAPER_WORDS: Readonly<Record<Paper, string>> = { a4: 'A4', letter: 'US Letter' };

const valuesOf = ({ phrases, ...rest }: Voice) => ({ ...rest, phrases: phrases.join('\n') });
type Values = ReturnType<typeof valuesOf>;
const voiceOf = ({ phrases, ...rest }: Values): Voice => ({
  ...rest,
  phrases: phrases
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean),
});

/** How the shop's letters begin: tone, length, pictures; who signs them, the shop's own sentences, the paper. */
export function LettersPanel({ voice, version }: Props) {
  const form = useForm<Values>({ initialValues: valuesOf(voice) });
  const { busy, save } = useShopPart(
    'save-voice',
    { value: voice, version },
    {
      show: (kept) => form.setValues(valuesOf(kept)),
      form,
      fieldOf: (path) => path.split('.')[0] ?? path,
    },
  );
  const { values } = form;
  return (
    <form
      className="shop-panel"
      aria-label="Letters"
      onSubmit={form.onSubmit((all) => void save(voiceOf(all), 'Letters are drafted so from now on.'))}
    >
      <section className="sheet" aria-label="How letters begin">
        <h2>How letters begin</h2>
        <p className="small soft">
          Each letter starts like this; the stylist may choose otherwise for a client, and rewrite every line.
        </p>
        <LetterStyleBar style={values.style} onStyle={(style) => form.setFieldValue('style', style)} />
        <NativeSelect
          label="Paper"
          description="For letters, receipts and labels"
          data={PAPERS.map((value) => ({ value, label: PAPER_WORDS[value] }))}
          value={values.paper}
          onChange={(event) => form.setFieldValue('paper', event.currentTarget.value as Paper)}
        />
      </section>
      <section className="sheet" aria-label="In your own words">
        <h2>In your own words</h2>
        <Textarea
          label="Signature"
          description="Under each letter, as it stands here; empty: “Yours,” and the shop’s name"
          autosize
          minRows={2}
          maxRows={5}
          {...form.getInputProps('signature')}
        />
        <Textarea
          label="Phrases"
          description="One a line. The stylist lays them into a letter with one press."
          autosize
          minRows={4}
          maxRows={14}
          {...form.getInputProps('phrases')}
        />
      </section>
      <div className="shop-actions">
        <Button type="submit" loading={busy}>
          Save the letters’ words
        </Button>
      </div>
    </form>
  );
}

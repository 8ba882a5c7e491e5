import { allergyWords, uncheckedWords } from '@core/guard';
import type { ClientView } from '@contracts/client/client-view';
import { schoolsSchema } from '@contracts/profile';
import { HAIR, type LengthUnit } from '@core/figure';
import { DEPARTMENTS, GOALS } from '@core/piece';
import { PRONOUNS } from '@core/words';
import {
  Checkbox,
  MultiSelect,
  NativeSelect,
  NumberInput,
  Select,
  TagsInput,
  Textarea,
  TextInput,
} from '@mantine/core';
import type { UseFormReturnType } from '@mantine/form';
import { ZoneMap } from '@ui/BodyMap';
import { LengthField } from '@ui/LengthField';
import { spell } from '@ui/tongue';
import { ColourPicks } from '../piece/ColourPicks';
import type { EditValues } from './edit-values';

interface Part {
  readonly form: UseFormReturnType<EditValues>;
}

/** Who it is, how to reach and what to spend. */
export function WhoTab({ form }: Part) {
  return (
    <>
      <TextInput label="Name" required {...form.getInputProps('name')} />
      <TextInput label="About, in a line" {...form.getInputProps('about')} />
      <TextInput label="E-mail" type="email" {...form.getInputProps('email')} />
      <TextInput label="Phone" {...form.getInputProps('phone')} />
      <Textarea
        label="Postal address"
        description="For parcels: a line each, the town last"
        autosize
        minRows={2}
        maxRows={5}
        {...form.getInputProps('address')}
      />
      <TextInput label="Budget for a box" inputMode="decimal" {...form.getInputProps('budget')} />
      <Textarea
        label="Most for a piece"
        description="A kind and an amount a line: coat 220"
        autosize
        minRows={2}
        {...form.getInputProps('pieceBudget')}
      />
      <Textarea label="Notes" autosize minRows={2} {...form.getInputProps('notes')} />
    </>
  );
}

/** What must never be, and what is kept covered: the first thing that is asked of any piece. */
export function LimitsTab({
  form,
  unit,
  given,
}: Part & { readonly unit: LengthUnit; readonly given: ClientView['given'] }) {
  const unchecked = uncheckedWords(form.values.nevers);
  return (
    <>
      <TagsInput
        label="Allergies"
        description="A match stops a piece."
        {...form.getInputProps('allergies')}
      />
      {allergyWords(form.values.allergies).map((words) => (
        <p key={words} className="small soft" role="status">
          {words}
        </p>
      ))}
      <TagsInput
        label="Never"
        description={spell('A category, a fibre, a cloth, a pattern or a colour.')}
        {...form.getInputProps('nevers')}
      />
      {unchecked && (
        <p className="small soft" role="status">
          {unchecked}
        </p>
      )}
      <div>
        <div>Keeps covered</div>
        <ZoneMap
          label="Keeps covered"
          measures={given}
          zones={form.values.cover}
          onChange={(zones) => form.setFieldValue('cover', zones)}
        />
      </div>
      <MultiSelect
        label="Nothing may cling over"
        data={['chest', 'midriff', 'seat', 'thighs', 'upper-arms']}
        {...form.getInputProps('looseOver')}
      />
      <div className="edit-row">
        <LengthField label={`Highest heel, ${unit}`} unit={unit} {...form.getInputProps('heelMax')} />
        <NumberInput label="Heaviest bag, g" hideControls {...form.getInputProps('bagMaxG')} />
        <NativeSelect
          label="Open toes"
          data={[{ value: '', label: 'not said' }, 'yes', 'no']}
          {...form.getInputProps('openToe')}
        />
      </div>
      <TagsInput label="Fibres to leave out" {...form.getInputProps('avoidFibres')} />
      <TagsInput label="Metals to leave out" {...form.getInputProps('avoidMetals')} />
      <Checkbox label="Washable at home only" {...form.getInputProps('washableOnly', { type: 'checkbox' })} />
    </>
  );
}

/** What she likes, and what she wants clothes to do. */
export function TasteTab({ form }: Part) {
  return (
    <>
      <TagsInput label="Mood words" {...form.getInputProps('moods')} />
      <MultiSelect
        label="Wishes of their own"
        description="Off unless the client asks for it."
        data={GOALS.map((value) => ({ value, label: value.replace('-', ' ') }))}
        {...form.getInputProps('goals')}
      />
      <div className="edit-row">
        <Select
          label="Statements"
          clearable
          data={['quiet', 'one', 'bold']}
          {...form.getInputProps('statement')}
        />
        <Select label="Pattern" clearable data={['none', 'one', 'mix']} {...form.getInputProps('pattern')} />
        <NumberInput label="Edge, 0 to 5" min={0} max={5} hideControls {...form.getInputProps('edge')} />
      </div>
      <div className="edit-row">
        <NativeSelect
          label="Pronoun"
          data={[{ value: '', label: 'not said' }, ...PRONOUNS]}
          {...form.getInputProps('pronoun')}
        />
        <NativeSelect
          label="Shops"
          data={[{ value: '', label: 'not said' }, ...DEPARTMENTS]}
          {...form.getInputProps('department')}
        />
        <Select label="Hair, usually" clearable data={[...HAIR]} {...form.getInputProps('hair')} />
        <NativeSelect
          label="Pierced ears"
          data={[{ value: '', label: 'not said' }, 'yes', 'no']}
          {...form.getInputProps('pierced')}
        />
        <TextInput
          label={spell('Skin colour')}
          description="Only if offered"
          placeholder="#c8a488"
          {...form.getInputProps('skinHex')}
        />
      </div>
      {(['like', 'avoid', 'never'] as const).map((part) => (
        <ColourPicks
          key={part}
          label={{ like: 'Likes', avoid: 'Avoids', never: 'Never' }[part]}
          hexes={form.values[part]}
          onChange={(hexes) => form.setFieldValue(part, hexes)}
        />
      ))}
    </>
  );
}

/** Which of several respected ways her looks are judged by. */
export function SchoolsTab({ form }: Part) {
  return (
    <>
      <p className="small soft">
        Several respected ways to judge. What is left open follows the shop; an appetite said under Taste
        wins.
      </p>
      <div className="edit-row">
        {Object.entries(schoolsSchema.shape).map(([matter, { options }]) => (
          <NativeSelect
            key={matter}
            label={matter}
            data={[{ value: '', label: 'as the shop' }, ...options]}
            value={form.values.schools[matter] ?? ''}
            onChange={(event) => form.setFieldValue(`schools.${matter}`, event.currentTarget.value)}
          />
        ))}
      </div>
    </>
  );
}

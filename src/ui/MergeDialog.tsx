import type { MergedField } from '@core/merge';
import { Button, Modal, Radio } from '@mantine/core';
import { useState } from 'react';
import { useMergeAsked } from './merging';

/** "profile.limits.heelMaxMm" as somebody reads it: "limits, heel max". */
const fieldWords = (path: string): string =>
  path
    .replace(/^profile\./, '')
    .split('.')
    .map((part) =>
      part
        .replace(/(Mm|Minor|Hex|Pct)$/, '')
        .replace(/([a-z])([A-Z])/g, '$1 $2')
        .toLowerCase(),
    )
    .join(', ');

/** A value in a few words. */
function valueWords(value: unknown): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (Array.isArray(value)) return value.length === 0 ? 'nothing' : value.map(valueWords).join(', ');
  if (typeof value === 'object')
    return Object.entries(value)
      .map(([key, each]) => `${fieldWords(key)} ${valueWords(each)}`)
      .join('; ');
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return String(value);
}

/** Somebody else saved first: both are shown, and nothing is lost without a choice. */
export function MergeDialog() {
  const asking = useMergeAsked((now) => now.asking);
  const [theirs, setTheirs] = useState<ReadonlySet<string>>(new Set());
  if (!asking) return null;
  const { merge, answer } = asking;
  const choose = (path: string, who: string): void =>
    setTheirs((now) => new Set(who === 'theirs' ? [...now, path] : [...now].filter((each) => each !== path)));
  return (
    <Modal opened onClose={() => answer(undefined)} title="Somebody saved this in the meantime" size="lg">
      <div style={{ display: 'grid', gap: 14 }}>
        {merge.clashes.length > 0 && <p>You both changed these. Choose what stays:</p>}
        {merge.clashes.map((field) => (
          <Radio.Group
            key={field.path}
            label={fieldWords(field.path)}
            value={theirs.has(field.path) ? 'theirs' : 'mine'}
            onChange={(who) => choose(field.path, who)}
          >
            <Radio value="mine" label={`Yours: ${valueWords(field.mine)}`} mt={4} />
            <Radio value="theirs" label={`Theirs: ${valueWords(field.theirs)}`} mt={4} />
          </Radio.Group>
        ))}
        {merge.taken.length > 0 && (
          <div>
            <p>Changed by them, and taken over:</p>
            <ul className="small">
              {merge.taken.map(({ path, theirs: value }: MergedField) => (
                <li key={path}>
                  {fieldWords(path)}: {valueWords(value)}
                </li>
              ))}
            </ul>
          </div>
        )}
        {merge.clashes.length + merge.taken.length === 0 && <p>Your change does not touch theirs.</p>}
        <div style={{ display: 'flex', gap: 8, justifyContent: 'flex-end' }}>
          <Button variant="default" onClick={() => answer(undefined)}>
            Cancel
          </Button>
          <Button onClick={() => answer(merge.clashes.filter(({ path }) => theirs.has(path)))}>
            Save both changes
          </Button>
        </div>
      </div>
    </Modal>
  );
}

import { type Schools, schoolsFor } from '@core/client';
import { judge, SCHOOLS_WHY, type Setting, type Verdict } from '@core/look';
import type { Piece } from '@core/piece';
import { sentence, type Settings } from '@core/rules';
import type { Speaker } from '@core/say';
import { NativeSelect } from '@mantine/core';
import { spell } from '@ui/tongue';
import { useMemo, useState } from 'react';

interface Props {
  readonly pieces: readonly Piece[];
  readonly setting: Setting;
  readonly settings: Settings;
  readonly verdict: Verdict;
  readonly by: Speaker;
}

/** The same look judged by another school: both numbers, and what each says that the other does not. */
export function OtherSchool({ pieces, setting, settings, verdict, by }: Props) {
  const [chosen, setChosen] = useState('');
  const { client, schools, shopSchools } = setting;
  const now = client && shopSchools ? schoolsFor(client, schools, shopSchools) : undefined;
  const other = useMemo(() => {
    const [matter, school] = chosen.split(':');
    if (!matter || !client) return undefined;
    const wanted = { ...client.schools, [matter]: school } as Partial<Schools>;
    // An appetite would win over the school that is to be seen.
    const { pattern, statement, ...rest } = client.appetite;
    const appetite = {
      ...rest,
      ...(matter === 'pattern' ? {} : { pattern }),
      ...(matter === 'focus' ? {} : { statement }),
    };
    return judge(pieces, { ...setting, client: { ...client, schools: wanted, appetite } }, settings);
  }, [chosen, pieces, setting, settings, client]);
  const said = ({ findings }: Verdict): string[] => findings.map((finding) => sentence(finding, by));
  const only = (one: Verdict, two: Verdict): string[] => {
    const others = new Set(said(two));
    return said(one).filter((text) => !others.has(text));
  };
  return (
    <div className="other-school small">
      <NativeSelect
        size="xs"
        label="Beside it, judged by another school"
        value={chosen}
        onChange={(event) => setChosen(event.currentTarget.value)}
        data={[
          { value: '', label: 'choose a school' },
          ...(Object.keys(SCHOOLS_WHY) as (keyof Schools)[]).flatMap((matter) =>
            Object.keys(SCHOOLS_WHY[matter])
              .filter((school) => school !== now?.[matter])
              .map((school) => ({ value: `${matter}:${school}`, label: `${spell(matter)}: ${school}` })),
          ),
        ]}
      />
      {other && (
        <div className="other-pair">
          <div>
            <b className="num">{verdict.score.score}</b> as now
            {only(verdict, other).map((text) => (
              <p key={text}>{text}</p>
            ))}
          </div>
          <div>
            <b className="num">{other.score.score}</b> {chosen.split(':')[1]}
            {only(other, verdict).map((text) => (
              <p key={text}>{text}</p>
            ))}
          </div>
        </div>
      )}
    </div>
  );
}

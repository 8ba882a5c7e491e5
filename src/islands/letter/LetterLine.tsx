import { Menu, Textarea } from '@mantine/core';
import type { KeyboardEvent } from 'react';
import type { LineTools } from './useLetter';

interface Props {
  readonly label: string;
  readonly tools: LineTools;
  /** Shown while the line is empty; never printed. */
  readonly placeholder?: string;
  readonly big?: boolean;
  /** Where the shop's own sentences may be laid in. */
  readonly takesPhrases?: boolean;
}

/** A line of the letter as it is printed, open to the pen; beside it what else may be done with it. */
export function LetterLine({ label, tools, placeholder, big, takesPhrases }: Props) {
  const { text, isLocked, isChanged, isStruck, another, drafted, phrases } = tools;
  const keys = (event: KeyboardEvent): void => {
    if (!event.altKey || isLocked) return;
    const does = { w: another, x: text === '' ? undefined : tools.strike, r: drafted && tools.takeDraft }[
      event.key.toLowerCase()
    ];
    if (!does) return;
    event.preventDefault();
    does();
  };
  return (
    <div
      className={`letter-row${text === '' ? ' no-print' : ''}`}
      data-changed={isChanged || undefined}
      onKeyDown={keys}
    >
      {isChanged && <span className="visually-hidden">Drafted anew:</span>}
      <Textarea
        aria-label={label}
        variant="unstyled"
        autosize
        minRows={1}
        value={text}
        readOnly={isLocked}
        placeholder={isStruck ? 'Struck: it is not printed.' : placeholder}
        onChange={(event) => tools.write(event.currentTarget.value)}
        classNames={{ input: big ? 'letter-line letter-big' : 'letter-line' }}
      />
      {!isLocked && (
        <span className="letter-tools">
          {another && (
            <button className="plain-button small" title="Another wording (Alt W)" onClick={another}>
              another wording
            </button>
          )}
          {drafted !== undefined && (
            <button
              className="plain-button small"
              title={`The draft says: ${drafted || 'nothing'} (Alt R)`}
              onClick={tools.takeDraft}
            >
              {isStruck ? 'bring it back' : 'take the draft’s'}
            </button>
          )}
          {takesPhrases && phrases.length > 0 && (
            <Menu position="bottom-end">
              <Menu.Target>
                <button className="plain-button small">a phrase of ours</button>
              </Menu.Target>
              <Menu.Dropdown className="letter-phrases">
                {phrases.map((phrase) => (
                  <Menu.Item
                    key={phrase}
                    onClick={() => tools.write([text, phrase].filter(Boolean).join(' '))}
                  >
                    {phrase}
                  </Menu.Item>
                ))}
              </Menu.Dropdown>
            </Menu>
          )}
          {text !== '' && (
            <button className="plain-button small" title="Strike this line (Alt X)" onClick={tools.strike}>
              strike
            </button>
          )}
        </span>
      )}
    </div>
  );
}

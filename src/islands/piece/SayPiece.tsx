import { lineWords, type ReadLine } from '@core/reading';
import { pageTongue } from '@ui/tongue';
import { TextInput } from '@mantine/core';
import type { Ref } from 'react';
import './piece.css';

interface Props {
  readonly label: string;
  readonly words: string;
  readonly read: ReadLine | undefined;
  readonly onSay: (words: string) => void;
  readonly field?: Ref<HTMLInputElement>;
}

/** A piece said in words; every guess stands below them, and every word that was not understood. */
export function SayPiece({ label, words, read, onSay, field }: Props) {
  return (
    <>
      <TextInput
        ref={field}
        data-autofocus
        label={label}
        placeholder="navy crew knit, wool"
        value={words}
        onChange={(event) => onSay(event.currentTarget.value)}
      />
      <div className="ask-read small" aria-live="polite">
        {read &&
          lineWords(read.reading, pageTongue()).map((said) => (
            <span key={said} className="chip">
              {said}
            </span>
          ))}
        {read?.reading.unknown.map((word) => (
          <span key={word} className="soft">
            {word}: not understood
          </span>
        ))}
        {read && !read.piece && <span className="soft">what kind of piece?</span>}
      </div>
    </>
  );
}

'use client';

import { useState } from 'react';
import { positionFrom, positionText, type Position } from '../../words/position';
import { TextField } from './text-field';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.positionField;

/** A place on the globe, or a text that is none: NaN. */
type MaybePosition = Partial<Position>;

interface PositionFieldProps {
  value: MaybePosition;
  /** Gets undefined for an empty field and NaN for a text that is no position. */
  onChange: (value: { latitude: number | undefined; longitude: number | undefined }) => void;
  hint?: string;
}

const same = (a: MaybePosition, b: MaybePosition) =>
  Object.is(a.latitude, b.latitude) && Object.is(a.longitude, b.longitude);

/** A position in one line, typed as people write it; what is typed stays as typed. */
export function PositionField({ value, onChange, hint }: PositionFieldProps) {
  const [typed, setTyped] = useState<{ text: string; meant: MaybePosition }>();
  const { latitude, longitude } = value;
  const isKnown = Number.isFinite(latitude) && Number.isFinite(longitude);
  const isOwn = typed !== undefined && same(typed.meant, value);
  const text = isOwn
    ? typed.text
    : isKnown
      ? positionText({ latitude: latitude!, longitude: longitude! })
      : '';
  const type = (next: string) => {
    const none = next.trim() === '' ? undefined : NaN;
    const meant = positionFrom(next) ?? { latitude: none, longitude: none };
    setTyped({ text: next, meant });
    onChange({ latitude: meant.latitude, longitude: meant.longitude });
  };
  return (
    <TextField
      label={WORDS.position}
      hint={hint ?? WORDS.suchAs}
      value={text}
      onChange={type}
      problem={Number.isNaN(latitude) ? WORDS.writeItAs : undefined}
    />
  );
}

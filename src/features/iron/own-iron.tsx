'use client';

import type { OwnIron } from '@/core/model';
import { Flex, SimpleGrid } from '@chakra-ui/react';
import { lateForm } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField, type FigureLook, type Scale } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { Disclosure } from '@/ui/frame/disclosure';
import { ironScreenWords } from '@/words/screens/iron';
import { act } from '@/writes/act';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

const WORDS = ironScreenWords.ownIron;

interface IronDraft {
  name: string;
  plateLengthM: number | undefined;
  plateWidthM: number | undefined;
  massKg: number | undefined;
  powerW: number | undefined;
  lagS: number | undefined;
}

const EMPTY: IronDraft = {
  name: '',
  plateLengthM: undefined,
  plateWidthM: undefined,
  massKg: undefined,
  powerW: undefined,
  lagS: undefined,
};
const given = (draft: IronDraft) =>
  Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== undefined));
const resolver = lateForm<IronDraft>(
  async () => (await import('@/formats/schemas/iron')).ownIronSchema,
  given,
);

const centimetresOfMetres: Scale = {
  unit: 'cm',
  toShown: (m) => m * 100,
  toStored: (cm) => cm / 100,
};
const watts: Scale = { unit: 'W', toShown: (w) => w, toStored: (w) => w };

interface OwnIronPartProps {
  irons: readonly OwnIron[];
  /** Takes the iron of this name into the lab. */
  onKept: (name: string) => void;
}

/** Irons of the team's own: five figures off their plate and papers. */
export function OwnIronPart({ irons, onKept }: OwnIronPartProps) {
  const scales = useScales();
  const acts = useAct();
  const form = useDraftedForm<IronDraft>('own-iron', EMPTY, resolver);
  const { bind } = form;
  const figure = (
    label: string,
    { field, ...look }: FigureLook & { field: Exclude<keyof IronDraft, 'name'>; hint?: string },
  ) => <NumberField label={label} {...look} {...bind(field)} />;
  const keep = async () => {
    const kept = await form.submit((values, { key }) => act('iron.keep', key, given(values)));
    if (kept) onKept(kept.name);
  };
  const forget = (name: string) =>
    acts.write(
      'iron.forget',
      { id: name },
      { said: () => WORDS.isForgotten(name), undo: (iron) => ['iron.keep', iron] },
    );
  return (
    <Disclosure mb="4" title={WORDS.yourOwnIron}>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4" mb="3">
        <TextField label={WORDS.nameOfTheIron} {...bind('name')} />
        {figure(WORDS.plateAlongTheSki, {
          field: 'plateLengthM',
          scale: centimetresOfMetres,
          step: 1,
          decimals: 0,
          startShown: 14,
        })}
        {figure(WORDS.plateAcross, {
          field: 'plateWidthM',
          scale: centimetresOfMetres,
          step: 1,
          decimals: 0,
          startShown: 9,
        })}
        {figure(WORDS.massOfThePlate, {
          field: 'massKg',
          scale: scales.kilograms,
          step: 0.1,
          decimals: 1,
          startShown: 1,
        })}
        {figure(WORDS.power, {
          field: 'powerW',
          scale: watts,
          step: 50,
          decimals: 0,
          startShown: 800,
        })}
        {figure(WORDS.lagOfItsThermostat, {
          field: 'lagS',
          scale: scales.seconds,
          step: 1,
          decimals: 0,
          startShown: 5,
          hint: WORDS.empty5S,
        })}
      </SimpleGrid>
      <Flex gap="3" wrap="wrap">
        <ActionButton loading={form.isSaving} onClick={() => void keep()}>
          {WORDS.keepThisIron}
        </ActionButton>
        {irons.map((one) => (
          <ActionButton key={one.name} quiet onClick={() => void forget(one.name)}>
            {WORDS.forget(one.name)}
          </ActionButton>
        ))}
      </Flex>
      <FieldProblemText problem={form.failure} />
      <ActNotice acts={acts} />
    </Disclosure>
  );
}

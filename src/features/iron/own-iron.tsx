'use client';

import { useState } from 'react';
import { Box, Flex, SimpleGrid } from '@chakra-ui/react';
import type { OwnIron } from '@/data/team-settings';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { ownIronSchema } from '@/formats/schemas/iron';
import { validate } from '@/formats/schemas/validation';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField, type Scale } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useWrite } from '@/ui/fields/use-write';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { forgetIronAction, keepIronAction } from './actions';

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
const resolver = resolverFrom<IronDraft>((draft) => validate(ownIronSchema, given(draft)));

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
  const [forgotten, setForgotten] = useState<OwnIron>();
  const { send } = useWrite();
  const [failure, setProblem] = useState<string>();
  const form = useDraftedForm<IronDraft>('own-iron', EMPTY, resolver);
  const { values: draft, set, problem } = form;
  const figure = (
    label: string,
    field: Exclude<keyof IronDraft, 'name'>,
    scale: Scale,
    step: number,
    decimals: number,
    from: number,
    hint?: string,
  ) => (
    <NumberField
      label={label}
      hint={hint}
      scale={scale}
      step={step}
      decimals={decimals}
      startShown={from}
      value={draft[field]}
      onChange={(value) => set({ [field]: value })}
      problem={problem(field)}
    />
  );
  const keep = async () => {
    const kept = await form.submit((values, { key }) => keepIronAction(key, given(values)));
    if (kept) onKept(kept.name);
  };
  const forget = async (name: string) => {
    const done = await send(`forget:${name}`, (key) => forgetIronAction(key, name));
    if (done?.ok) setForgotten(done.value);
    if (done) setProblem(done.ok ? undefined : done.error.message);
  };
  const putBack = async (iron: OwnIron) => {
    const done = await send(`back:${iron.name}`, (key) => keepIronAction(key, iron));
    if (done?.ok) setForgotten(undefined);
    if (done) setProblem(done.ok ? undefined : done.error.message);
  };
  return (
    <Box as="details" mb="4">
      <Box as="summary" minH="target" cursor="pointer" textStyle="small" py="2">
        Your own iron
      </Box>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4" mb="3">
        <TextField
          label="Name of the iron"
          value={draft.name}
          onChange={(name) => set({ name })}
          problem={problem('name')}
        />
        {figure('Plate along the ski', 'plateLengthM', centimetresOfMetres, 1, 0, 14)}
        {figure('Plate across', 'plateWidthM', centimetresOfMetres, 1, 0, 9)}
        {figure('Mass of the plate', 'massKg', scales.kilograms, 0.1, 1, 1)}
        {figure('Power', 'powerW', watts, 50, 0, 800)}
        {figure('Lag of its thermostat', 'lagS', scales.seconds, 1, 0, 5, 'Empty: 5 s')}
      </SimpleGrid>
      <Flex gap="3" wrap="wrap">
        <ActionButton loading={form.isSaving} onClick={() => void keep()}>
          Keep this iron
        </ActionButton>
        {irons.map((one) => (
          <ActionButton key={one.name} quiet onClick={() => void forget(one.name)}>
            Forget {one.name}
          </ActionButton>
        ))}
      </Flex>
      <FieldProblemText problem={form.failure ?? failure} />
      {forgotten && (
        <UndoNotice
          message={`${forgotten.name} is forgotten.`}
          onUndo={() => void putBack(forgotten)}
          onClose={() => setForgotten(undefined)}
        />
      )}
    </Box>
  );
}

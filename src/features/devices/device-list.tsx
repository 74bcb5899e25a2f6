'use client';

import type { DeviceRole, ListedDevice } from '@/core/model';
import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { TextField } from '@/ui/fields/text-field';
import { Part } from '@/ui/frame/sheet';
import { devicesScreenWords } from '@/words/screens/devices';
import { roughSpan } from '@/words/times';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

const WORDS = devicesScreenWords.list;
const roles = () => optionsOf<DeviceRole>(['works', 'looks'], devicesScreenWords.ROLE);
const JUST_NOW_MS = 60_000;

function seenWords({ role, lastSeenAt }: ListedDevice, nowMs: number): string {
  const said = devicesScreenWords.ROLE[role];
  if (lastSeenAt === undefined) return WORDS.never(said);
  const agoMs = nowMs - Date.parse(lastSeenAt);
  return WORDS.seen(said, agoMs < JUST_NOW_MS ? WORDS.now : WORDS.ago(roughSpan(agoMs)));
}

interface DeviceListProps {
  title: string;
  devices: readonly ListedDevice[];
  canChange: boolean;
  serverNowMs: number;
}

/** Devices or tokens that may come in, each with its role and when it was last here. */
export function DeviceList({ title, devices, canChange, serverNowMs }: DeviceListProps) {
  const [said, setSaid] = useState<string>();
  return (
    <Part title={title}>
      {devices.length === 0 && <Text textStyle="body">{WORDS.none}</Text>}
      <Box as="ul" listStyleType="none" m="0" p="0">
        {devices.map((device) => (
          <DeviceLine
            key={device.id}
            device={device}
            seen={seenWords(device, serverNowMs)}
            canChange={canChange}
            onDone={setSaid}
          />
        ))}
      </Box>
      <Text textStyle="body" role="status">
        {said ?? ''}
      </Text>
    </Part>
  );
}

interface DeviceLineProps {
  device: ListedDevice;
  seen: string;
  canChange: boolean;
  onDone: (message: string) => void;
}

function DeviceLine({ device, seen, canChange, onDone }: DeviceLineProps) {
  const { id, name } = device;
  const [open, setOpen] = useState<'change' | 'revoke'>();
  const acts = useAct();
  const then = (message: string) => ({
    settled: () => {
      setOpen(undefined);
      onDone(message);
    },
  });
  return (
    <Box as="li" borderTopWidth="1px" borderColor="rule" py="2" data-testid="device">
      <Flex justify="space-between" align="center" gap="3" wrap="wrap">
        <Box minW="0">
          <Text textStyle="strong" overflowWrap="anywhere">
            {name}
          </Text>
          <Text textStyle="small" color="faint">
            {seen}
          </Text>
        </Box>
        {canChange && (
          <Flex gap="4">
            <ActionButton
              plain
              aria-label={WORDS.changeOf(name)}
              aria-expanded={open === 'change'}
              onClick={() => setOpen(open === 'change' ? undefined : 'change')}
            >
              {WORDS.change}
            </ActionButton>
            <ActionButton
              plain
              aria-label={WORDS.revokeOf(name)}
              aria-expanded={open === 'revoke'}
              onClick={() => setOpen(open === 'revoke' ? undefined : 'revoke')}
            >
              {WORDS.revoke}
            </ActionButton>
          </Flex>
        )}
      </Flex>
      {open === 'change' && (
        <ChangeForm
          device={device}
          isBusy={acts.isBusy}
          onCancel={() => setOpen(undefined)}
          onSave={(changed) =>
            void acts.write('device.change', { id, ...changed }, then(WORDS.saved(changed.name)))
          }
        />
      )}
      {open === 'revoke' && (
        <Box py="2">
          <Text textStyle="body" mb="2">
            {WORDS.sure(name)}
          </Text>
          <Flex gap="3">
            <ActionButton
              loading={acts.isBusy}
              onClick={() => void acts.write('device.revoke', { id }, then(WORDS.revoked(name)))}
            >
              {WORDS.revoke}
            </ActionButton>
            <ActionButton quiet onClick={() => setOpen(undefined)}>
              {WORDS.keep}
            </ActionButton>
          </Flex>
        </Box>
      )}
      <ActNotice acts={acts} />
    </Box>
  );
}

interface ChangeFormProps {
  device: ListedDevice;
  isBusy: boolean;
  onSave: (changed: { name: string; role: DeviceRole }) => void;
  onCancel: () => void;
}

function ChangeForm({ device, isBusy, onSave, onCancel }: ChangeFormProps) {
  const [name, setName] = useState(device.name);
  const [role, setRole] = useState(device.role);
  return (
    <Box
      as="form"
      py="2"
      maxW="480px"
      onSubmit={(event) => {
        event.preventDefault();
        onSave({ name, role });
      }}
    >
      <Flex direction="column" gap="3">
        <TextField label={WORDS.name} value={name} onChange={setName} />
        <ChoiceRow
          legend={devicesScreenWords.pairing.mayDo}
          name={`role-${device.id}`}
          value={role}
          onChange={setRole}
          options={roles()}
        />
        <Flex gap="3">
          <ActionButton type="submit" loading={isBusy}>
            {WORDS.save}
          </ActionButton>
          <ActionButton quiet onClick={onCancel}>
            {WORDS.cancel}
          </ActionButton>
        </Flex>
      </Flex>
    </Box>
  );
}

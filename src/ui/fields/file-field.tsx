'use client';

import dynamic from 'next/dynamic';
import { Box, Text } from '@chakra-ui/react';
import { FileUp } from 'lucide-react';
import { ActionButton } from './action-button';
import type { FileFieldProps } from './open-file-field';

/** Kinds of files that tables come in. */
export const CSV_ACCEPT = '.csv,text/csv,.txt';

/** One file, chosen or dropped on the button. The kit's field comes after the page; until then its place is kept. */
export function FileField(props: FileFieldProps) {
  const { plain = false } = props;
  const Open = plain ? PlainField : Field;
  return <Open {...props} />;
}

const load = () => import('./open-file-field').then(({ OpenFileField }) => OpenFileField);

const Field = dynamic(load, {
  ssr: false,
  loading: () => (
    <Box aria-hidden>
      <Text textStyle="small" fontWeight="650" mb="1">
        {'\u00a0'}
      </Text>
      <ActionButton quiet disabled>
        <FileUp size={20} aria-hidden />
      </ActionButton>
    </Box>
  ),
});
const PlainField = dynamic(load, {
  ssr: false,
  loading: () => <ActionButton plain disabled aria-hidden />,
});

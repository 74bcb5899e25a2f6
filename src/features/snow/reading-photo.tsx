'use client';

import { useId, useState } from 'react';
import { useRouter } from 'next/navigation';
import { chakra } from '@chakra-ui/react';
import type { Reading } from '@/data/readings';
import { PHOTO_ACCEPT, sendPhoto } from '@/ui/fields/send-photo';

interface ReadingPhotoProps {
  reading: Reading;
  onFailure: (message: string) => void;
}

const Label = chakra('label');
const FileInput = chakra('input');
const Anchor = chakra('a');
const look = {
  color: 'action',
  textDecoration: 'underline',
  minH: 'target',
  display: 'inline-flex',
  alignItems: 'center',
  textStyle: 'body',
  cursor: 'pointer',
} as const;

/** The photo of a reading: a link to it, or the way to add one. */
export function ReadingPhoto({ reading, onFailure }: ReadingPhotoProps) {
  const id = useId();
  const router = useRouter();
  const [isBusy, setIsBusy] = useState(false);
  const url = `/api/v1/readings/${reading.id}/photo`;
  if (reading.hasPhoto) {
    return (
      <Anchor href={url} target="_blank" rel="noreferrer" {...look}>
        Photo
      </Anchor>
    );
  }
  const send = async (file: File) => {
    setIsBusy(true);
    const problem = await sendPhoto(url, file);
    setIsBusy(false);
    if (problem) onFailure(problem);
    else router.refresh();
  };
  return (
    <Label
      htmlFor={id}
      position="relative"
      {...look}
      css={{ '&:focus-within': { outline: '3px solid' } }}
    >
      {isBusy ? 'Sending…' : 'Add photo'}
      <FileInput
        id={id}
        type="file"
        accept={PHOTO_ACCEPT}
        position="absolute"
        opacity="0"
        w="1px"
        h="1px"
        disabled={isBusy}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void send(file);
          event.target.value = '';
        }}
      />
    </Label>
  );
}

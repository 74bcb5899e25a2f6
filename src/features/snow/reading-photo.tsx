'use client';

import type { Reading } from '@/core/model';
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { chakra } from '@chakra-ui/react';
import { FileField } from '@/ui/fields/file-field';
import { PHOTO_ACCEPT, sendPhoto } from '@/ui/fields/send-photo';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.readingPhoto;

interface ReadingPhotoProps {
  reading: Reading;
  onFailure: (message: string) => void;
}

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
  const router = useRouter();
  const [isBusy, setIsBusy] = useState(false);
  const url = `/api/v1/readings/${reading.id}/photo`;
  if (reading.hasPhoto) {
    return (
      <Anchor href={url} target="_blank" rel="noreferrer" {...look}>
        {WORDS.photo}
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
    <FileField
      label={WORDS.photo}
      plain
      button={isBusy ? WORDS.sending : WORDS.addPhoto}
      accept={PHOTO_ACCEPT}
      disabled={isBusy}
      onFile={(file) => void send(file)}
    />
  );
}

'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import { FileField } from '@/ui/fields/file-field';
import { PHOTO_ACCEPT, sendPhoto } from '@/ui/fields/send-photo';
import { Part } from '@/ui/frame/sheet';
import { skisScreenWords } from '@/words/screens/skis';

const WORDS = skisScreenWords.skiPhotos;

const Picture = chakra('img');

/** Photos of a ski, and the way to add one. */
export function SkiPhotos({ skiId, photoIds }: { skiId: string; photoIds: readonly string[] }) {
  const router = useRouter();
  const [note, setNote] = useState<string>();
  const url = `/api/v1/skis/${skiId}/photos`;
  const send = async (file: File) => {
    setNote(WORDS.sending);
    const problem = await sendPhoto(url, file);
    setNote(problem);
    if (!problem) router.refresh();
  };
  return (
    <Part title={WORDS.photos}>
      <FileField
        label={WORDS.addAPhoto}
        button={WORDS.choosePhoto}
        id="ski-photo"
        accept={PHOTO_ACCEPT}
        onFile={(file) => void send(file)}
      />
      <Text textStyle="small" role="status">
        {note}
      </Text>
      <Flex gap="3" wrap="wrap">
        {photoIds.map((id, i) => (
          <Box asChild key={id}>
            <a href={`${url}/${id}`} target="_blank" rel="noreferrer">
              <Picture src={`${url}/${id}`} alt={WORDS.photo(i + 1)} h="120px" />
            </a>
          </Box>
        ))}
      </Flex>
    </Part>
  );
}

'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import { PHOTO_ACCEPT, sendPhoto } from '@/ui/fields/send-photo';
import { Part } from '@/ui/frame/sheet';

const FileInput = chakra('input');
const Picture = chakra('img');

/** Photos of a ski, and the way to add one. */
export function SkiPhotos({ skiId, photoIds }: { skiId: string; photoIds: readonly string[] }) {
  const router = useRouter();
  const [note, setNote] = useState<string>();
  const url = `/api/v1/skis/${skiId}/photos`;
  const send = async (file: File) => {
    setNote('Sending…');
    const problem = await sendPhoto(url, file);
    setNote(problem);
    if (!problem) router.refresh();
  };
  return (
    <Part title="Photos">
      <Text as="label" {...{ htmlFor: 'ski-photo' }} textStyle="small" fontWeight="650">
        Add a photo
      </Text>
      <FileInput
        id="ski-photo"
        type="file"
        accept={PHOTO_ACCEPT}
        display="block"
        minH="target"
        py="2"
        maxW="100%"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void send(file);
          event.target.value = '';
        }}
      />
      <Text textStyle="small" role="status">
        {note}
      </Text>
      <Flex gap="3" wrap="wrap">
        {photoIds.map((id, i) => (
          <Box asChild key={id}>
            <a href={`${url}/${id}`} target="_blank" rel="noreferrer">
              <Picture src={`${url}/${id}`} alt={`Photo ${i + 1}`} h="120px" />
            </a>
          </Box>
        ))}
      </Flex>
    </Part>
  );
}

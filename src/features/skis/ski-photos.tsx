'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import { Part } from '@/ui/frame/sheet';

const MOST_BYTES = 12_000_000;
const File = chakra('input');
const Picture = chakra('img');

/** Photos of a ski, and the way to add one. */
export function SkiPhotos({ skiId, photoIds }: { skiId: string; photoIds: readonly string[] }) {
  const router = useRouter();
  const [note, setNote] = useState<string>();
  const url = `/api/v1/skis/${skiId}/photos`;
  const send = async (file: Blob) => {
    if (file.size > MOST_BYTES) {
      setNote('The photo is over 12 MB: take a smaller one.');
      return;
    }
    setNote('Sending…');
    try {
      const response = await fetch(url, { method: 'POST', body: file });
      setNote(response.ok ? undefined : ((await response.json()) as { message: string }).message);
      if (response.ok) router.refresh();
    } catch {
      setNote('The server did not take the photo; try again.');
    }
  };
  return (
    <Part title="Photos">
      <Text as="label" {...{ htmlFor: 'ski-photo' }} textStyle="small" fontWeight="650">
        Add a photo
      </Text>
      <File
        id="ski-photo"
        type="file"
        accept="image/*"
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

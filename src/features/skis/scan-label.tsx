'use client';

import { useEffect, useRef, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { pixelsOf } from '@/ui/camera/grey-of';
import { readCode, skiOnLabel } from '@/ui/camera/read-code';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { skisScreenWords } from '@/words/screens/skis';

const WORDS = skisScreenWords.scanLabel;
const LOOK_EVERY_MS = 150;
const MOST_PX = 800;
const Picture = chakra('video');

/** The camera, and what it is pointed at read again and again until it is a label. */
function useScan(onSki: (id: string) => void, onProblem: (message: string) => void) {
  const video = useRef<HTMLVideoElement>(null);
  const rendered = useRef({ onSki, onProblem });
  useEffect(() => {
    rendered.current = { onSki, onProblem };
  }, [onSki, onProblem]);
  useEffect(() => {
    let stream: MediaStream | undefined;
    let isOver = false;
    const look = async () => {
      const element = video.current;
      while (!isOver && element) {
        if (element.videoWidth > 0) {
          const size = { width: element.videoWidth, height: element.videoHeight };
          const text = await readCode(pixelsOf(element, size, MOST_PX));
          const id = text === undefined ? undefined : skiOnLabel(text);
          if (id !== undefined && !isOver) {
            isOver = true;
            rendered.current.onSki(id);
            return;
          }
          if (text !== undefined) rendered.current.onProblem(WORDS.noLabel);
        }
        await new Promise((resolve) => setTimeout(resolve, LOOK_EVERY_MS));
      }
    };
    const begin = async () => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: 'environment' },
        });
        if (isOver) stream.getTracks().forEach((track) => track.stop());
        else if (video.current) {
          video.current.srcObject = stream;
          await video.current.play();
          await look();
        }
      } catch {
        rendered.current.onProblem(WORDS.noCamera);
      }
    };
    void begin();
    return () => {
      isOver = true;
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  return video;
}

function Scanner({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string>();
  const video = useScan((id) => router.push(`/ski/${encodeURIComponent(id)}`), setProblem);
  return (
    <Box maxW="420px" my="3">
      <Text textStyle="body" mb="2">
        {WORDS.hint}
      </Text>
      <Picture ref={video} muted playsInline aria-label={WORDS.picture} w="100%" bg="sunk" />
      <FieldProblemText problem={problem} />
      <ActionButton quiet mt="2" onClick={onClose}>
        {WORDS.close}
      </ActionButton>
    </Box>
  );
}

/** Opens a ski by the label on it, with the camera of this device. */
export function ScanLabel() {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      <Flex>
        <ActionButton quiet aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
          {WORDS.scan}
        </ActionButton>
      </Flex>
      {isOpen && <Scanner onClose={() => setIsOpen(false)} />}
    </>
  );
}

'use client';

import { FileUpload } from '@chakra-ui/react';
import { FileUp } from 'lucide-react';
import { ActionButton } from './action-button';

export interface FileFieldProps {
  /** What the file is for. */
  label: string;
  /** What the button says. */
  button: string;
  accept: string;
  onFile: (file: File) => void;
  /** Id of the browser's own field. */
  id?: string;
  disabled?: boolean;
  /** As a word in a row of a table; only readers hear the label. */
  plain?: boolean;
}

/** One file, chosen or dropped on the button; the same one may be given again. */
export function OpenFileField(props: FileFieldProps) {
  const { label, button, accept, onFile, id, disabled, plain = false } = props;
  return (
    <FileUpload.Root
      unstyled
      position="relative"
      ids={id === undefined ? undefined : { hiddenInput: id }}
      accept={accept}
      acceptedFiles={[]}
      maxFiles={1}
      disabled={disabled}
      // What a file may hold is checked where it is read: a browser knows few kinds by their name.
      onFileChange={({ acceptedFiles, rejectedFiles }) => {
        const file = acceptedFiles[0] ?? rejectedFiles[0]?.file;
        if (file) onFile(file);
      }}
    >
      <FileUpload.HiddenInput />
      <FileUpload.Label display="block" textStyle="small" fontWeight="650" mb="1" srOnly={plain}>
        {label}
      </FileUpload.Label>
      <FileUpload.Trigger asChild>
        <ActionButton quiet={!plain} plain={plain} disabled={disabled}>
          {!plain && <FileUp size={20} aria-hidden />}
          {button}
        </ActionButton>
      </FileUpload.Trigger>
    </FileUpload.Root>
  );
}

'use client'
import Button from '@mui/material/Button'
import type { ButtonProps } from '@mui/material/Button'
import { useRef } from 'react'

export interface FileButtonProps extends Pick<ButtonProps, 'size' | 'variant'> {
  readonly label: string
  /** kinds of file offered, as “.csv” */
  readonly accept: string
  readonly onFile: (file: File) => void
}

/** Opens the system's file chooser; the same file may be chosen twice. */
export function FileButton({ label, accept, onFile, ...look }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        hidden
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) onFile(file)
        }}
      />
      <Button size="small" {...look} onClick={() => input.current?.click()}>
        {label}
      </Button>
    </>
  )
}

'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useRef, useState } from 'react'

/** A short text for the owner's telephone, to be copied. */
export function MessageToOwner({ message }: { readonly message: string }) {
  const text = useRef<HTMLTextAreaElement>(null)
  const [copied, setCopied] = useState(false)
  const copy = async () => {
    text.current?.select()
    try {
      await navigator.clipboard.writeText(message)
      setCopied(true)
    } catch {
      // Where a browser gives no clipboard away, the text is marked and waits for Ctrl C.
      setCopied(false)
    }
  }
  return (
    <Box component="section" aria-label="Message">
      <Typography variant="h2" component="h2" sx={{ fontSize: '1.15rem' }}>
        Message
      </Typography>
      <Box
        component="textarea"
        ref={text}
        readOnly
        value={message}
        rows={8}
        aria-label="Message for the owner"
        sx={{
          ...{ width: '100%', font: 'inherit', fontSize: 15, lineHeight: 1.4, p: 1.25, resize: 'vertical' },
          ...{ color: 'text.primary', background: 'transparent', border: 1, borderColor: 'divider' },
        }}
      />
      <Button onClick={() => void copy()}>{copied ? 'Copied' : 'Copy'}</Button>
      <Typography sx={{ fontSize: 13.5, color: 'text.secondary' }}>
        {message.length} characters. Drafted from the lines beside it.
      </Typography>
    </Box>
  )
}

// Loaded into a server before anything else: its disk takes nothing once, as soon as the file named by WHYALON_DISK_FAILS
// is there.
import fs from 'node:fs'

const { fsyncSync } = fs
const sign = process.env.WHYALON_DISK_FAILS ?? ''
fs.fsyncSync = (descriptor) => {
  if (sign !== '' && fs.existsSync(sign)) {
    fs.rmSync(sign)
    throw new Error('EIO: i/o error, fsync')
  }
  fsyncSync(descriptor)
}

import type { ChildProcess } from 'node:child_process'
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import path from 'node:path'

const READY_WITHIN_MS = 60_000
/** A question asked while the server starts may never be answered: it is asked again. */
const ASKED_AGAIN_MS = 20_000
/** A server that was told to end and has not by then is ended, as a machine that is switched off does. */
const ENDS_WITHIN_MS = 20_000

/** The built application on a data folder, started and stopped as a shop would. */
export class Server {
  private process: ChildProcess | null = null
  readonly address: string

  constructor(
    readonly data: string,
    private readonly port: number,
    /** where its backups go: a test that is not about them has none made beside it */
    private readonly backups = 'off',
    /** a PostgreSQL server's database instead of the folder; empty for the folder */
    private readonly database = '',
  ) {
    this.address = `http://127.0.0.1:${port}`
  }

  /** @returns the status of the first page, and what the server printed */
  async start(): Promise<{ status: number; output: string }> {
    const next = path.resolve('node_modules/next/dist/bin/next')
    const child = spawn(process.execPath, [next, 'start', '-H', '127.0.0.1', '-p', String(this.port)], {
      env: {
        ...process.env,
        WHYALON_DATA: this.data,
        DATABASE_URL: this.database,
        WHYALON_BACKUPS: this.backups,
        // Simulated hands need not be slow.
        WHYALON_HOLD_MS: '60',
        WHYALON_PRESS_PACE: '12',
        NEXT_TELEMETRY_DISABLED: '1',
        TZ: 'UTC',
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    this.process = child
    let output = ''
    child.stdout.on('data', (chunk: Buffer) => (output += chunk.toString()))
    child.stderr.on('data', (chunk: Buffer) => (output += chunk.toString()))
    const deadline = Date.now() + READY_WITHIN_MS
    while (Date.now() < deadline) {
      const response = await fetch(this.address, { signal: AbortSignal.timeout(ASKED_AGAIN_MS) }).catch(
        () => null,
      )
      if (response) return { status: response.status, output }
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
    throw new Error(`the server did not answer: ${output}`)
  }

  async stop(): Promise<void> {
    await this.end('SIGTERM')
  }

  /** As a power cut would. */
  async kill(): Promise<void> {
    await this.end('SIGKILL')
  }

  private async end(signal: NodeJS.Signals): Promise<void> {
    const child = this.process
    if (!child || child.exitCode !== null) return
    const ended = once(child, 'exit')
    child.kill(signal)
    const patience = setTimeout(() => {
      console.warn(`the server did not end within ${ENDS_WITHIN_MS / 1000} s of ${signal}`)
      child.kill('SIGKILL')
    }, ENDS_WITHIN_MS)
    await ended
    clearTimeout(patience)
    this.process = null
  }
}

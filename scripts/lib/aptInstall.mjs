import { run } from './project.mjs'

/**
 * Installs a Debian package, as root or through sudo.
 * @returns false when this machine cannot
 */
export async function aptInstall(name) {
  const asRoot = process.getuid?.() === 0
  const apt = (args) =>
    asRoot ? run('apt-get', args, { quiet: true }) : run('sudo', ['-n', 'apt-get', ...args], { quiet: true })
  const env = process.env.DEBIAN_FRONTEND
  process.env.DEBIAN_FRONTEND = 'noninteractive'
  try {
    if ((await apt(['update', '-qq'])) !== 0) return false
    return (await apt(['install', '-y', '-qq', '--no-install-recommends', name])) === 0
  } catch {
    return false // no apt-get or no sudo here
  } finally {
    if (env === undefined) delete process.env.DEBIAN_FRONTEND
    else process.env.DEBIAN_FRONTEND = env
  }
}

import { quiet } from './command.mjs';
import { Plain, say } from './say.mjs';

/** Installs a Debian package, as root or through sudo; says what to run where neither is there. */
export function installPackage(name, purpose) {
  const prefix = process.getuid() === 0 ? [] : quiet('sudo', ['-n', 'true']).ok ? ['sudo', '-n'] : null;
  if (!prefix) throw new Plain(`${purpose} is missing; install it as root with: apt-get install ${name}`);
  const apt = (...args) => {
    const [command, ...rest] = [...prefix, 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args];
    return quiet(command, rest);
  };
  say(`installing ${purpose} (Debian package ${name})`);
  let result = apt('install', '-y', '--no-install-recommends', name);
  if (!result.ok) {
    apt('update');
    result = apt('install', '-y', '--no-install-recommends', name);
  }
  if (!result.ok)
    throw new Plain(`${name} could not be installed: ${result.stderr.trim().split('\n').pop()}`);
}

import { fileURLToPath } from 'node:url';
import { createApp } from './app.js';
import { loadDemonstration } from './demonstration/index.js';

const required = (name: string): string => {
  const value = process.env[name];
  if (!value) throw new Error(`${name} must be set`);
  return value;
};

try {
  const port = Number(required('PORT'));
  const app = await createApp(required('DATABASE_URL'), fileURLToPath(new URL('../web', import.meta.url)));
  if (process.env['BAROS_DEMONSTRATION'] !== 'off' && (await loadDemonstration(app)))
    console.log('Loaded the demonstration departments.');
  await app.listen(port, process.env['HOST'] ?? '127.0.0.1');
  console.log(`Baros is ready at http://localhost:${port}`);
} catch (error) {
  console.error(`Baros could not start: ${(error as Error).message}`);
  process.exit(1);
}

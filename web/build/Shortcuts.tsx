import { Kbd, Modal, Switch, Table } from '@mantine/core';
import { house } from '#core/subjects';
import { useLetters } from '../common';
import { useSession } from '../session';
import { SIDES } from '../subjects';
import { STEP_KEYS } from './step-keys';

const MOVING: [string[], string][] = [
  [['Ctrl', 'Z'], 'Undo'],
  [['Ctrl', 'Shift', 'Z'], 'Redo'],
  [['Alt', '↑'], 'Step before'],
  [['Alt', '↓'], 'Step after'],
];
const OPENING: [string[], string][] = [
  [['V'], 'Next view of the truck'],
  [['F'], 'Checks'],
  ...SIDES.map(({ key, title }): [string[], string] => [[key], title]),
  [['A'], 'What is still assumed'],
  [['B'], 'Bench'],
  [['W'], 'Analysis'],
  [['H'], 'History'],
  [['Ctrl', 'K'], 'Find anything by name (or /)'],
  [['←', '→', '↑', '↓'], 'Move what has the focus on the drawing; ten times as far with Shift'],
  [['Esc'], 'Back to the choices of the step'],
  [['?'], 'These keys'],
];

/** Arrows are pressed one or another; other keys in a row, together. */
const isArrow = (key: string): boolean => '←→↑↓'.includes(key);

const Keys = ({ rows }: { rows: [string[], string][] }) =>
  rows.map(([keys, words]) => (
    <Table.Tr key={words}>
      <Table.Td style={{ whiteSpace: 'nowrap' }}>
        {keys.map((key, i) => (
          <span key={key}>
            {i > 0 && (isArrow(keys[0]!) ? ' ' : ' + ')}
            <Kbd>{key}</Kbd>
          </span>
        ))}
      </Table.Td>
      <Table.Td>{words}</Table.Td>
    </Table.Tr>
  ));

/** Single letters get in the way of some who speak to their machine, or whose hands shake. */
function LettersSwitch() {
  const [letters, setLetters] = useLetters();
  return (
    <Switch
      mt="sm"
      size="sm"
      checked={letters}
      onChange={(event) => setLetters(event.currentTarget.checked)}
      label="Single keys work; switched off, only those with Ctrl or Alt, and Esc"
    />
  );
}

/** The keys of a build's screens. */
export const Shortcuts = ({ onClose }: { onClose: () => void }) => {
  const steps = house.stepsFor(useSession().bench.build);
  return (
    <Modal opened onClose={onClose} title="Keys" centered size="lg">
      <div
        style={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fit, minmax(230px, 1fr))',
          gap: '0 24px',
          alignItems: 'start',
        }}
      >
        <Table verticalSpacing={3}>
          <Table.Tbody>
            <Keys
              rows={steps.flatMap(({ title }, i): [string[], string][] =>
                STEP_KEYS[i] ? [[[STEP_KEYS[i]], title]] : [],
              )}
            />
            <Keys rows={MOVING} />
          </Table.Tbody>
        </Table>
        <Table verticalSpacing={3}>
          <Table.Tbody>
            <Keys rows={OPENING} />
          </Table.Tbody>
        </Table>
      </div>
      <LettersSwitch />
    </Modal>
  );
};

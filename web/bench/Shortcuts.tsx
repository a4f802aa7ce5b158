import { Kbd, Modal, Table } from '@mantine/core';
import { memo } from 'react';

const KEYS: [string[], string][] = [
  [['Ctrl', 'Z'], 'Undo'],
  [['Ctrl', 'Shift', 'Z'], 'Redo'],
  [['Alt', '↑'], 'Step before'],
  [['Alt', '↓'], 'Step after'],
  [['1', '…', '9', '0'], 'A step by its number'],
  [['V'], 'Next view of the truck'],
  [['F'], 'Findings'],
  [['M'], 'Money'],
  [['A'], 'What is still assumed'],
  [['W'], 'Weights'],
  [['H'], 'History'],
  [['Ctrl', 'K'], 'Find anything by name (or /)'],
  [['←', '→', '↑', '↓'], 'Move what has the focus on the drawing; ten times as far with Shift'],
  [['Esc'], 'Back to the choices of the step'],
  [['?'], 'These keys'],
];

/** The keys of the bench. */
export const Shortcuts = memo(({ opened, onClose }: { opened: boolean; onClose: () => void }) => (
  <Modal opened={opened} onClose={onClose} title="Keys" centered size="sm">
    <Table>
      <Table.Tbody>
        {KEYS.map(([keys, words]) => (
          <Table.Tr key={words}>
            <Table.Td>{keys.map((key, i) => <span key={key}>{i > 0 && ' + '}<Kbd>{key}</Kbd></span>)}</Table.Td>
            <Table.Td>{words}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  </Modal>
));

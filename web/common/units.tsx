import { NativeSelect } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { createContext, use, useMemo } from 'react';
import type { ReactNode } from 'react';
import { fromSystem, inUnits, shownIn, SYSTEM_NAMES, toSystem, UNIT_SYSTEMS } from '#core/units';
import type { Quantity, UnitSystem } from '#core/units';
import classes from './frame.module.css';

interface Units {
  system: UnitSystem;
  /** A text of the core with its figures in the person's units. */
  say: (text: string) => string;
  /** The unit of a quantity, for heads and labels. */
  unit: (quantity: Quantity) => string;
  /** Decimals worth showing of a quantity. */
  decimals: (quantity: Quantity) => number;
  /** One of our figures as the person reads it, and one that the person typed as ours; neither is rounded. */
  show: (quantity: Quantity, value: number) => number;
  read: (quantity: Quantity, value: number) => number;
}

const unitsOf = (system: UnitSystem): Units => ({
  system,
  say: (text) => inUnits(text, system),
  unit: (quantity) => shownIn(system, quantity).unit,
  decimals: (quantity) => shownIn(system, quantity).decimals,
  show: (quantity, value) => toSystem(system, quantity, value),
  read: (quantity, value) => fromSystem(system, quantity, value),
});

const Current = createContext(unitsOf('us'));
const Switch = createContext<(system: UnitSystem) => void>(() => {});

/** Keeps the person's units for the next time, and tells every screen and window of a change. */
export function UnitsProvider({ children }: { children: ReactNode }) {
  const [kept, keep] = useLocalStorage<UnitSystem>({
    key: 'baros-units',
    defaultValue: 'us',
    getInitialValueInEffect: false,
  });
  const system = UNIT_SYSTEMS.includes(kept) ? kept : 'us';
  const units = useMemo(() => unitsOf(system), [system]);
  return (
    <Switch value={keep}>
      <Current value={units}>{children}</Current>
    </Switch>
  );
}

/** Units that are given: for what is not on a person's screen. */
export const UnitsAs = ({ system, children }: { system: UnitSystem; children: ReactNode }) => (
  <Current value={unitsOf(system)}>{children}</Current>
);

/** The person's units. */
export const useUnits = (): Units => use(Current);

/** Takes other units, everywhere at once. */
export const useUnitSwitch = (): ((system: UnitSystem) => void) => use(Switch);

const SHORT: Record<UnitSystem, string> = {
  us: 'lb, in, gal',
  metric: 'kg, mm, L',
  canada: 'lb, in, imp gal',
};

/** The one switch between the systems. */
export function UnitSwitch() {
  const { system } = useUnits();
  const take = useUnitSwitch();
  return (
    <NativeSelect
      className={classes.units}
      size="xs"
      aria-label="Units"
      title={SYSTEM_NAMES[system]}
      value={system}
      onChange={(event) => take(event.currentTarget.value as UnitSystem)}
      data={UNIT_SYSTEMS.map((id) => ({ value: id, label: SHORT[id] }))}
    />
  );
}

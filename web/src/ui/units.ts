import { inUnits, lengthText, massText, metric, type Units } from '@tropaeum/core/common/units';
import { create } from 'zustand';

/** The units of the club; set when it is known who reads. */
export const useUnits = create<Units>(() => metric);

export const setUnits = ({ mass, length }: Units = metric): void => {
  const now = useUnits.getState();
  if (now.mass !== mass || now.length !== length) useUnits.setState({ mass, length });
};

/** A text with its masses and lengths in these units, where nothing waits for them to change. */
export const shownInUnits = (words: string): string => inUnits(words, useUnits.getState());

/** Masses, lengths and texts that hold them, in the units of whoever reads. */
export function useMeasures() {
  const units = useUnits();
  return {
    units,
    mass: (kg: number) => massText(kg, units),
    length: (cm: number) => lengthText(cm, units),
    text: (words: string) => inUnits(words, units),
  };
}
